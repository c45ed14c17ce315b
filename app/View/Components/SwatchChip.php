<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Files\SwatchDrawing;
use App\Media\PhotoSize;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A swatch as it is drawn, or the sign for none. */
final class SwatchChip extends Component
{
    private const PALE_GROUND = [255, 255, 255];

    private const DARK_GROUND = [20, 23, 33];

    /** What is inside of the frame; empty where there is no swatch. */
    public readonly string $drawing;

    /** An outline is drawn where the swatch would be lost on its ground. */
    public readonly bool $isPale;

    public readonly bool $isDark;

    public function __construct(?Swatch $swatch = null, bool $draft = false)
    {
        $this->isPale = $swatch !== null && $swatch->needsOutline(new Srgb(...self::PALE_GROUND));
        $this->isDark = $swatch !== null && $swatch->needsOutline(new Srgb(...self::DARK_GROUND));
        $this->drawing = match (true) {
            $swatch === null => '',
            $draft && $swatch->piece !== null => SwatchDrawing::draft(
                $swatch,
                PhotoSize::Gallery->address($swatch->piece->photoId),
            ),
            default => SwatchDrawing::inner($swatch),
        };
    }

    public function render(): View
    {
        return view('components.swatch-chip');
    }
}
