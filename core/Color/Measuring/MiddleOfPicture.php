<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;

/**
 * Parts what stands in the middle of a picture from a ground that is not even: a room, a meadow, a wall. The picture is
 * parted into groups of like pixels; those that the middle has more of than the border are of what is shown.
 */
final class MiddleOfPicture
{
    private const GROUPS = 14;

    /** Part of the middle that must be of what is shown. */
    private const LEAST_SHOWN = 0.5;

    /** Part of the middle that one color must have, where the same is seen along the border. */
    private const LEAST_FILLING = 0.55;

    private const ROUNDS = 4;

    /** Pixels among which the middles of groups are found. */
    private const LOOKED_AT = 600;

    /** Part of each side that the middle takes. */
    private const MIDDLE = 0.36;

    /** Part of each side that the border takes all around. */
    private const BORDER = 0.07;

    /** Share of a group's pixels in the middle, of those in middle and border together, from which on it is shown. */
    private const SHOWN = 0.6;

    /**
     * @param  non-empty-list<Lab>  $labs  of the sample, row by row
     * @return array<int, Lab> those of what is shown, by place; none where it cannot be parted
     */
    public static function shown(Sample $sample, array $labs): array
    {
        $clusters = LabClusters::of($labs, self::GROUPS, self::ROUNDS, self::LOOKED_AT, 0.0);
        $groupOf = array_map($clusters->groupOf(...), $labs);
        [$middle, $border] = [self::places($sample, true), self::places($sample, false)];
        [$inMiddle, $inBorder] = [self::shares($groupOf, $middle), self::shares($groupOf, $border)];
        $isShown = [];
        foreach ($inMiddle as $group => $share) {
            $isShown[$group] = $share / ($share + ($inBorder[$group] ?? 0.0)) >= self::SHOWN;
        }
        if (array_sum(array_intersect_key($inMiddle, array_filter($isShown))) < self::LEAST_SHOWN) {
            return self::filling(array_intersect_key($labs, array_flip($middle)));
        }
        $own = array_filter($labs, fn(int $at): bool => $isShown[$groupOf[$at]] ?? false, ARRAY_FILTER_USE_KEY);

        return self::connected($sample, $own, $middle);
    }

    /**
     * The middle, where what is shown fills the picture to its border: most of it is of one color then.
     *
     * @param  array<int, Lab>  $middle  by place
     * @return array<int, Lab> by place
     */
    private static function filling(array $middle): array
    {
        if ($middle === []) {
            return [];
        }
        $main = ColorGroups::of(array_values($middle))[0];

        return $main->count() / count($middle) >= self::LEAST_FILLING ? $middle : [];
    }

    /**
     * @param  array<int, int>  $groupOf  place => group
     * @param  list<int>  $places
     * @return array<int, float> group => its share of these places
     */
    private static function shares(array $groupOf, array $places): array
    {
        $counts = array_count_values(array_map(fn(int $at): int => $groupOf[$at], $places));

        return array_map(fn(int $count): float => $count / count($places), $counts);
    }

    /** @return list<int> places of the pixels in the middle, or along the border */
    private static function places(Sample $sample, bool $inMiddle): array
    {
        $places = [];
        foreach (array_keys($sample->pixels) as $at) {
            $x = (($at % $sample->width) + 0.5) / $sample->width;
            $y = (intdiv($at, $sample->width) + 0.5) / $sample->height;
            $isThere = $inMiddle
                ? max(abs($x - 0.5), abs($y - 0.5)) < self::MIDDLE / 2
                : min($x, $y, 1 - $x, 1 - $y) < self::BORDER;
            if ($isThere) {
                $places[] = $at;
            }
        }

        return $places;
    }

    /**
     * What hangs together with the middle.
     *
     * @param  array<int, Lab>  $own  by place
     * @param  list<int>  $middle
     * @return array<int, Lab> by place
     */
    private static function connected(Sample $sample, array $own, array $middle): array
    {
        $begin = array_values(array_filter($middle, fn(int $at): bool => isset($own[$at])));
        $reached = $sample->reached($begin, fn(int $at): bool => isset($own[$at]));

        return array_intersect_key($own, $reached);
    }
}
