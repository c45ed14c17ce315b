<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Coverage\Need;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** One mark of coverage. There: a full frame. Shared: a frame behind it. Missing: an empty frame, crossed where required, dashed where wanted. Not wanted: a dash. */
final class CoverMark extends Component
{
    private readonly Cover $is;

    private readonly Need $of;

    /**
     * @param ?CoverageCell $cell what is drawn; where it is null, $cover and $need say it
     * @param ?string $thumb address of the picture that is there
     */
    public function __construct(
        public readonly ?CoverageCell $cell = null,
        ?Cover $cover = null,
        ?Need $need = null,
        public readonly ?string $thumb = null,
    ) {
        $this->is = $cover ?? ($cell->cover ?? Cover::Missing);
        $this->of = $need ?? ($cell->shot->need ?? Need::NotWanted);
    }

    public function classes(): string
    {
        return "cover-mark is-{$this->is->value} is-" . str_replace(' ', '-', $this->of->value);
    }

    public function isMissing(): bool
    {
        return $this->is === Cover::Missing;
    }

    public function isShared(): bool
    {
        return $this->is === Cover::Shared;
    }

    public function isWanted(): bool
    {
        return $this->of->isWanted();
    }

    public function isRequired(): bool
    {
        return $this->of->isRequired();
    }

    /** "3 of 12", or "12" where all SKUs lack it. */
    public function count(): string
    {
        if ($this->cell === null) {
            return '';
        }

        return $this->cell->lacking > 0 && $this->cell->lacking < $this->cell->skus
            ? __('parts.lacking_of_skus', ['lacking' => $this->cell->lacking, 'skus' => $this->cell->skus])
            : (string) $this->cell->skus;
    }

    public function render(): View
    {
        return view('components.cover-mark');
    }
}
