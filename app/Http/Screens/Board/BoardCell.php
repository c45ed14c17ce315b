<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Lens;
use Illuminate\Contracts\Support\Htmlable;

/** One cell of the board as drawn. There may be thousands, so that it draws itself. */
final readonly class BoardCell implements Htmlable
{
    /**
     * @param  string  $state  "made", "left out" or "open"
     * @param  string  $place  the cell in words, for those who hear the grid
     * @param  ?string  $thumb  address of the Lead, in the Photos lens
     * @param  string  $text  what the lens shows
     * @param  string  $note  a small line below
     * @param  bool  $warns  whether a shopper would meet something wrong here
     * @param  string  $look  a class of its own; empty for none
     */
    public function __construct(
        public string $key,
        public string $state,
        public string $place,
        public ?string $thumb = null,
        public string $text = '',
        public string $note = '',
        public bool $warns = false,
        public string $look = '',
    ) {}

    /** For those who hear the grid. */
    public function label(): string
    {
        return $this->place .
            ($this->thumb === null && $this->state === 'made' && !$this->warns ? ": {$this->text}" : '');
    }

    public function classes(Lens $lens): string
    {
        return implode(
            ' ',
            array_filter([
                $this->state === 'made' ? $lens->value : str_replace(' ', '-', $this->state),
                $this->warns ? 'warns' : '',
                $this->look,
                $this->state === 'made' && $lens->isOfNumbers() ? 'number' : '',
            ]),
        );
    }

    /** What stands in it. */
    public function toHtml(): string
    {
        return ($this->thumb === null
            ? '<span class="text">' . e($this->text) . '</span>'
            : '<img src="' . e($this->thumb) . '" alt="" width="48" height="48" loading="lazy" draggable="false">') .
            ($this->note === '' ? '' : ' <span class="note">' . e($this->note) . '</span>') .
            ($this->warns ? ' <span class="mark-warns"></span>' : '');
    }
}
