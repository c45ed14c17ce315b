<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Color\Lab;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;

/** Finds the piece of a picture that shows the cloth and nothing else: what a swatch is cut from. */
final class ClothPiece
{
    /** ΔE*ab within which a pixel is of the cloth, lit less or more: light counts for a third. */
    private const CLOTH = 14.0;

    /** Sides that are tried, the largest first, as shares of the shorter side of the picture. */
    private const SIDES = [0.22, 0.18, 0.14, 0.11, 0.08, 0.06];

    /** Least share of the piece that is of the cloth. */
    private const LEAST = 0.99;

    /**
     * The largest square that is nearly all of the cloth, and of those the one nearest to the middle of the picture;
     * where there is none, the one that has most of it.
     *
     * @param  non-empty-list<Srgb>  $cloth  its colors
     */
    public static function in(Sample $picture, array $cloth): Crop
    {
        $sums = self::sums($picture, array_map(Lab::of(...), $cloth));
        $best = [0.0, 0, 0, 1];
        foreach (self::SIDES as $share) {
            $side = max(1, (int) round($share * min($picture->width, $picture->height)));
            [$found, $nearest] = [null, INF];
            for ($top = 0; $top + $side <= $picture->height; $top++) {
                for ($left = 0; $left + $side <= $picture->width; $left++) {
                    $filled =
                        ($sums[$top + $side][$left + $side] -
                            $sums[$top][$left + $side] -
                            $sums[$top + $side][$left] +
                            $sums[$top][$left]) /
                        $side ** 2;
                    $away = hypot($left + $side / 2 - $picture->width / 2, $top + $side / 2 - $picture->height / 2);
                    if ($filled >= self::LEAST && $away < $nearest) {
                        [$found, $nearest] = [[$left, $top, $side], $away];
                    }
                    if ($filled > $best[0]) {
                        $best = [$filled, $left, $top, $side];
                    }
                }
            }
            if ($found !== null) {
                return self::crop($picture, ...$found);
            }
        }

        return self::crop($picture, ...array_slice($best, 1));
    }

    private static function crop(Sample $picture, int $left, int $top, int $side): Crop
    {
        $share = fn(float $pixels, int $of): int => (int) round((1_000 * $pixels) / $of);

        return Crop::of(
            $share($left + $side / 2, $picture->width),
            $share($top + $side / 2, $picture->height),
            new CropFrame(
                $share($left, $picture->width),
                $share($top, $picture->height),
                $share($side, $picture->width),
                $share($side, $picture->height),
            ),
        );
    }

    /**
     * @param  non-empty-list<Lab>  $cloth
     * @return list<list<int>> how many pixels of the cloth lie above and left of each corner
     */
    private static function sums(Sample $picture, array $cloth): array
    {
        $above = array_fill(0, $picture->width + 1, 0);
        $sums = [$above];
        foreach (array_chunk($picture->pixels, max(1, $picture->width)) as $row) {
            $sum = 0;
            $line = [0];
            foreach ($row as $x => $pixel) {
                $sum += self::isCloth(Lab::of(Srgb::packed($pixel)), $cloth) ? 1 : 0;
                $line[] = $above[$x + 1] + $sum;
            }
            $sums[] = $above = $line;
        }

        return $sums;
    }

    /** @param  non-empty-list<Lab>  $cloth */
    private static function isCloth(Lab $lab, array $cloth): bool
    {
        foreach ($cloth as $color) {
            if (
                hypot(($lab->lightness - $color->lightness) / 3, hypot($lab->a - $color->a, $lab->b - $color->b)) <=
                self::CLOTH
            ) {
                return true;
            }
        }

        return false;
    }
}
