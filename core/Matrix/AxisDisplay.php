<?php

declare(strict_types=1);

namespace Core\Matrix;

/** How shoppers see the values of an axis. */
enum AxisDisplay: string
{
    case List = 'list';
    case Buttons = 'buttons';
    case ColorSwatches = 'color swatches';
    case PictureSwatches = 'picture swatches';

    /** How shoppers choose on an axis of that kind unless somebody says otherwise. */
    public static function usualFor(AxisKind $kind): self
    {
        return $kind === AxisKind::Color ? self::ColorSwatches : self::Buttons;
    }
}
