<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\ColorDifference;
use Core\Color\Lab;

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

    /**
     * Light of the darker one beside the brighter, and distance of the two in chromaticity, for one cloth in two
     * lights.
     */
    private const ONE_CLOTH = [0.3, 0.022];

    /**
     * @param  non-empty-list<Lab>  $labs
     * @return non-empty-list<ColorGroup> the largest first
     */
    public static function of(array $labs): array
    {
        $clusters = LabClusters::of($labs, self::GROUPS, self::ROUNDS, self::LOOKED_AT, self::STEP);
        $parts = array_values($clusters->parted($labs));
        $groups = array_map(fn(array $group): ColorGroup => new ColorGroup($group), self::united($parts));
        usort($groups, fn(ColorGroup $one, ColorGroup $other): int => $other->count() <=> $one->count());

        return $groups;
    }

    /**
     * @param  non-empty-list<non-empty-list<Lab>>  $groups
     * @return non-empty-list<non-empty-list<Lab>> those of one color in one
     */
    private static function united(array $groups): array
    {
        usort($groups, fn(array $one, array $other): int => count($other) <=> count($one));
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

        return hypot(
            $first[0] / array_sum($first) - $second[0] / array_sum($second),
            $first[1] / array_sum($first) - $second[1] / array_sum($second),
        ) <= self::ONE_CLOTH[1];
    }
}
