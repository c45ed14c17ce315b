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

    /** @param  string  $typed  as it was typed, neither figures nor a name that is known */
    public static function typed(string $typed): self
    {
        $shown = mb_strimwidth($typed, 0, 40, '…');

        return new self(
            "“{$shown}” is not a color that is known. Type hex such as #5f7049, a color’s name, lab(45 -12 20) or oklch(0.52 0.06 125).",
        );
    }

    /** @param  string  $text  as it is stored */
    public static function noSwatch(string $text): self
    {
        $shown = mb_strimwidth($text, 0, 60, '…');

        return new self(
            "“{$shown}” is not a swatch. A swatch has one to three colors, such as #5f7049/#d9c9a3, and may have a pattern or a piece of a picture before them.",
        );
    }

    public static function wrongCount(int $colors): self
    {
        return new self("A swatch has one, two or three colors, not {$colors}.");
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
