<?php

declare(strict_types=1);

namespace Core\Color;

use Core\CoreException;

final class UnreadableColor extends CoreException
{
    /** @param  string  $typed  as it was typed */
    public static function noHex(string $typed): self
    {
        return new self("“{$typed}” is not a color. Type six digits of 0 to 9 and a to f, such as #5f7049.");
    }

    /** A part of the color that no screen can show. */
    public static function outOfBounds(int $red, int $green, int $blue): self
    {
        return new self("A color has parts from 0 to 255, not {$red}, {$green}, {$blue}.");
    }

    /** A sample that is not as large as it says. */
    public static function wrongSample(int $width, int $height, int $pixels): self
    {
        return new self("A sample of {$width} × {$height} needs as many pixels, not {$pixels}.");
    }
}
