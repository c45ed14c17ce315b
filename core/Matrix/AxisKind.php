<?php

declare(strict_types=1);

namespace Core\Matrix;

/** How the values of an axis are read, ordered and shown. */
enum AxisKind: string
{
    case Size = 'size';
    case Color = 'color';
    case Other = 'other';

    public function isColor(): bool
    {
        return $this === self::Color;
    }
}
