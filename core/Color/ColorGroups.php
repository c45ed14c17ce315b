<?php

declare(strict_types=1);

namespace Core\Color;

/** Parts pixels into groups of like color, where the same color in more or less light is one. */
final class ColorGroups
{
    private const GROUPS = 6;

    private const ROUNDS = 8;

    /** Pixels among which the middles of groups are found. */
    private const LOOKED_AT = 250;

    /** ΔE*ab within which all is one group. */
    private const STEP = 3.0;

    /** ΔE00 within which two groups are one color. */
    private const ONE_COLOR = 6.0;

    /** Light of the darker one beside the brighter, and distance of the two in chromaticity, for one cloth in two lights. */
    private const ONE_CLOTH = [0.3, 0.022];

    /**
     * @param  non-empty-list<Lab>  $labs
     * @return non-empty-list<ColorGroup> the largest first
     */
    public static function of(array $labs): array
    {
        $groups = array_map(fn (array $group): ColorGroup => new ColorGroup($group), self::united(self::groups($labs)));
        usort($groups, fn (ColorGroup $one, ColorGroup $other): int => $other->count() <=> $one->count());

        return $groups;
    }

    /**
     * Groups of near colors: each begins at the color that lies farthest from all before it. Their middles are found among
     * some of the pixels, which is enough, and then all are given to the nearest.
     *
     * @param  non-empty-list<Lab>  $labs
     * @return non-empty-list<non-empty-list<Lab>>
     */
    private static function groups(array $labs): array
    {
        $every = max(1, intdiv(count($labs), self::LOOKED_AT));
        $some = array_map(fn (array $next): Lab => $next[0], array_chunk($labs, $every));
        $centers = [Lab::median($labs)];
        $nearest = array_map(fn (Lab $lab): float => $lab->distance($centers[0]), $some);
        while (count($centers) < self::GROUPS && max($nearest) > self::STEP) {
            $center = $some[(int) array_search(max($nearest), $nearest, true)];
            $centers[] = $center;
            $nearest = array_map(fn (Lab $lab, float $before): float => min($before, $lab->distance($center)), $some, $nearest);
        }
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = $centers;
            $centers = array_map(Lab::mean(...), self::nearest($some, $centers));
            if ($centers == $before) {
                break;
            }
        }

        return array_values(self::nearest($labs, $centers));
    }

    /**
     * @param  non-empty-list<Lab>  $labs
     * @param  non-empty-array<int, Lab>  $centers
     * @return non-empty-array<int, non-empty-list<Lab>> by place of the center that each is nearest to
     */
    private static function nearest(array $labs, array $centers): array
    {
        $groups = [];
        foreach ($labs as $lab) {
            [$best, $least] = [array_key_first($centers), INF];
            foreach ($centers as $at => $center) {
                // As Lab::distance(), squared: this is where the time goes.
                $distance = ($lab->lightness - $center->lightness) ** 2 + ($lab->a - $center->a) ** 2 + ($lab->b - $center->b) ** 2;
                if ($distance < $least) {
                    $best = $at;
                    $least = $distance;
                }
            }
            $groups[$best][] = $lab;
        }

        return $groups;
    }

    /**
     * @param  non-empty-list<non-empty-list<Lab>>  $groups
     * @return non-empty-list<non-empty-list<Lab>> those of one color in one
     */
    private static function united(array $groups): array
    {
        usort($groups, fn (array $one, array $other): int => count($other) <=> count($one));
        $united = [];
        foreach ($groups as $group) {
            foreach ($united as $at => $larger) {
                if (self::isOne(Lab::mean($larger), Lab::mean($group))) {
                    $united[$at] = [...$larger, ...$group];

                    continue 2;
                }
            }
            $united[] = $group;
        }

        return array_values($united);
    }

    private static function isOne(Lab $one, Lab $other): bool
    {
        if (ColorDifference::ciede2000($one, $other) <= self::ONE_COLOR) {
            return true;
        }
        [$first, $second] = [$one->toSrgb()->linear(), $other->toSrgb()->linear()];
        [$bright, $dark] = [max(array_sum($first), array_sum($second)), min(array_sum($first), array_sum($second))];
        if ($dark <= 0.0 || $dark / $bright < self::ONE_CLOTH[0]) {
            return false;
        }

        return hypot($first[0] / array_sum($first) - $second[0] / array_sum($second), $first[1] / array_sum($first) - $second[1] / array_sum($second)) <= self::ONE_CLOTH[1];
    }
}
