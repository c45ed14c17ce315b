<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * How well something stands out from its ground. WCAG 2.2, success criteria 1.4.3 and 1.4.11, and definition of
 * contrast ratio.
 */
final class Contrast
{
    /** Least for text of usual size. WCAG 2.2, 1.4.3. */
    public const TEXT = 4.5;

    /** Least for what has to be seen that is no text. WCAG 2.2, 1.4.11. */
    public const SIGN = 3.0;

    /** @return float from 1 (none) to 21 (black on white) */
    public static function ratio(Srgb $one, Srgb $other): float
    {
        [$dark, $bright] = [min($one->luminance(), $other->luminance()), max($one->luminance(), $other->luminance())];

        return ($bright + 0.05) / ($dark + 0.05);
    }

    /**
     * @param  non-empty-list<Srgb>  $grounds  all that the sign or text lies on
     * @return float that on the ground on which it stands out least
     */
    public static function least(Srgb $color, array $grounds): float
    {
        return min(array_map(fn(Srgb $ground): float => self::ratio($color, $ground), $grounds));
    }

    /**
     * Black or white, whichever is read better on these.
     *
     * @param  non-empty-list<Srgb>  $grounds
     */
    public static function textOn(array $grounds): Srgb
    {
        [$black, $white] = [new Srgb(0, 0, 0), new Srgb(255, 255, 255)];

        return self::least($white, $grounds) >= self::least($black, $grounds) ? $white : $black;
    }
}
