<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Color\Swatches\Swatch;

/** How shoppers see the values of an axis. */
enum AxisDisplay: string
{
    case List = 'list';
    case Buttons = 'buttons';
    case ColorSwatches = 'color swatches';
    case PictureSwatches = 'picture swatches';

    /** As it is said on screen. */
    public function inWords(): string
    {
        return match ($this) {
            self::List => 'a list',
            self::Buttons => 'buttons',
            self::ColorSwatches => 'color swatches',
            self::PictureSwatches => 'picture swatches',
        };
    }

    /** Whether a sign of each value is seen. */
    public function isList(): bool
    {
        return $this === self::List;
    }

    public function isByPicture(): bool
    {
        return $this === self::PictureSwatches;
    }

    public function hasSwatches(): bool
    {
        return $this === self::ColorSwatches || $this === self::PictureSwatches;
    }

    /** Whether a swatch is what shoppers are to see. */
    public function isServedBy(?Swatch $swatch): bool
    {
        return match ($this) {
            self::List, self::Buttons => true,
            self::ColorSwatches => $swatch !== null,
            self::PictureSwatches => $swatch?->isPicture() === true,
        };
    }

    /** How shoppers choose on an axis of that kind unless somebody says otherwise. */
    public static function usualFor(AxisKind $kind): self
    {
        return $kind === AxisKind::Color ? self::ColorSwatches : self::Buttons;
    }
}
