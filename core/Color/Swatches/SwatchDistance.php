<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorShare;
use Core\Color\Srgb;

/** How far swatches lie from each other, and from what pictures show. In ΔE00. */
final class SwatchDistance
{
    /** ΔE00 up to which a swatch and a photo of its cloth are alike: light and camera are in between. */
    public const OF_CLOTH = 12.0;

    /** ΔE00 by which another swatch must be nearer to a photo than its own, to speak against it. */
    public const NEARER = 6.0;

    /** A color of less of what is shown is trim, which says nothing for or against a value. */
    public const TRIM = 0.15;

    /** A further color of less of what is shown is a seam or a button, which is of every value. */
    private const LEAST_SHARE = 0.08;

    /** What a further color weighs beside the main one. */
    private const FURTHER = 0.3;

    /** A further color cannot be more than another color. */
    private const MOST_FURTHER = 25.0;

    /** Between two drawings of the same colors. */
    private const DRAWN_APART = 8.0;

    /** What it weighs that a further color of the swatch is not seen: a print may be on the other side. */
    private const UNSEEN = 1.0;

    /**
     * Between two swatches: of their colors in turn, where both have as many; where one has more, it shows something
     * that the other does not. A pattern is told from another, and from plain cloth, by its drawing.
     */
    public static function between(Swatch $one, Swatch $other): float
    {
        $differences = [];
        foreach (range(0, max(count($one->colors), count($other->colors)) - 1) as $at) {
            $differences[] = self::apart($one->colors[$at] ?? $one->main(), $other->colors[$at] ?? $other->main());
        }
        $isDrawnApart = $one->tile !== $other->tile || (count($one->colors) > 1 && $one->piece != $other->piece);

        return $isDrawnApart ? max([self::DRAWN_APART, ...$differences]) : max($differences);
    }

    /** @return float ΔE00 from a color to the nearest of a swatch */
    public static function ofColor(Srgb $color, Swatch $swatch): float
    {
        return self::nearest($color, $swatch->shades());
    }

    /**
     * How much a picture speaks against a swatch: ΔE00 of the main color, and a part of that of what else is seen that
     * the swatch does not have.
     *
     * @param  non-empty-list<ColorShare>  $seen  the largest share first
     */
    public static function fromPicture(array $seen, Swatch $swatch): float
    {
        [$main] = $seen;
        $distance = self::nearest($main->color, $swatch->shades());
        $further = array_values(
            array_filter(array_slice($seen, 1), fn(ColorShare $share): bool => $share->share >= self::LEAST_SHARE),
        );
        foreach ($further as $share) {
            $distance +=
                (self::FURTHER * min(self::MOST_FURTHER, self::nearest($share->color, $swatch->shades()))) /
                count($further);
        }
        $isUnseen = count($swatch->colors) > 1 && count($further) + 1 < count($swatch->colors);

        return $distance + ($isUnseen ? self::UNSEEN : 0.0);
    }

    /** @param  non-empty-list<Srgb>  $colors */
    private static function nearest(Srgb $color, array $colors): float
    {
        return min(array_map(fn(Srgb $other): float => self::apart($color, $other), $colors));
    }

    private static function apart(Srgb $one, Srgb $other): float
    {
        return ColorDifference::ciede2000(Lab::of($one), Lab::of($other));
    }
}
