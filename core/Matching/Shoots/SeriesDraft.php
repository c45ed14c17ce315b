<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** A series as it is put together: its groups laid beside one another, so that each view stands at one place. */
final readonly class SeriesDraft
{
    /** A group is of a series whose forms it has up to this mean distance. */
    private const SAME_SERIES = 0.48;

    /** So many groups of a series are looked at, to see whether another is of it. */
    private const MOST_COMPARED = 8;

    /** Times in which a view is added, at most. */
    private const MOST_ADDED = 12;

    /** What it costs that a view is missing in a group, and that one is there twice: as distances of forms. */
    private const MISSING = 0.35;

    private const TWICE = 0.25;

    /** A view that fewer of the groups have is no view of the series: a picture too many. */
    private const LEAST_GROUPS = 0.34;

    /** Views whose forms are nearer than this are one that was taken twice, unless so many groups have both. */
    private const TWIN = 0.13;

    private const MOST_TWICE = 0.8;

    /** Where fewer have both, they need not be so near. */
    private const ALIKE = 0.25;

    private const SOME_TWICE = 0.7;

    /** A picture whose look nobody knows fits anywhere about so well. */
    private const UNKNOWN = 0.3;

    /** A view is seen in another series too where the forms are so near. */
    private const SEEN_ELSEWHERE = 0.3;

    /**
     * @param  non-empty-list<ShotGroup>  $groups  in the order of taking
     * @param  list<ShotLook>  $forms  what is seen at each place
     * @param  array<array-key, int>  $placeOf  by the keys of the pictures
     */
    private function __construct(public array $groups, public array $forms, private array $placeOf) {}

    /**
     * @param  list<ShotGroup>  $groups
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<self>
     */
    public static function of(array $groups, array $pictures): array
    {
        $order = array_keys($groups);
        // Those with the most pictures first: what is missing in others is told by them.
        usort($order, fn(int $a, int $b): int => count($groups[$b]->keys) <=> count($groups[$a]->keys) ?: $a <=> $b);
        $members = [];
        foreach ($order as $at) {
            $nearest = null;
            foreach ($members as $series => $others) {
                $distance = min(
                    array_map(
                        fn(int $other): float => self::distance($groups[$at], $groups[$other], $pictures),
                        array_slice($others, 0, self::MOST_COMPARED),
                    ),
                );
                if ($distance <= self::SAME_SERIES && ($nearest === null || $distance < $nearest[0])) {
                    $nearest = [$distance, $series];
                }
            }
            $nearest === null ? ($members[] = [$at]) : ($members[$nearest[1]][] = $at);
        }
        foreach ($members as &$own) {
            sort($own);
        }
        unset($own);
        usort($members, fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(
            fn(array $own): self => self::laidOut(array_map(fn(int $at): ShotGroup => $groups[$at], $own), $pictures),
            $members,
        );
    }

    /**
     * Without those of one group all of whose views are seen in others: it may be two groups that stand one behind the
     * other.
     *
     * @param  list<self>  $all
     * @return list<self>
     */
    public static function supported(array $all): array
    {
        $several = array_values(array_filter($all, fn(self $one): bool => count($one->groups) > 1));

        return array_values(
            array_filter($all, fn(self $one): bool => count($one->groups) > 1 || !$one->isSeenIn($several)),
        );
    }

    /** @param  list<self>  $others */
    private function isSeenIn(array $others): bool
    {
        foreach ($this->forms as $form) {
            $distances = [INF];
            foreach ($others as $other) {
                foreach ($other->forms as $their) {
                    $distances[] = $form->formDistance($their);
                }
            }
            if (min($distances) > self::SEEN_ELSEWHERE) {
                return false;
            }
        }

        return true;
    }

    public function done(): ShotSeries
    {
        return new ShotSeries($this->groups, $this->forms, $this->placeOf);
    }

    /**
     * @param  non-empty-list<ShotGroup>  $groups
     * @param  array<array-key, ShotPicture>  $pictures
     */
    private static function laidOut(array $groups, array $pictures): self
    {
        $looks = self::typical($groups, $pictures);
        for ($added = 0; $added < self::MOST_ADDED; $added++) {
            $placeOf = self::allPlaced($groups, $looks, $pictures);
            $lacking = self::lackingPlace($groups, $placeOf, $pictures);
            if ($lacking === null) {
                break;
            }
            array_splice($looks, $lacking[0], 0, [$lacking[1]]);
        }
        do {
            $placeOf = self::allPlaced($groups, $looks, $pictures);
            $wrong = self::wrongPlace($groups, $placeOf, $looks, $pictures);
            if ($wrong !== null) {
                array_splice($looks, $wrong, 1);
            }
        } while ($wrong !== null);
        // Once more, beside what is seen at each place in all groups.
        $looks = self::seen($placeOf, $looks, $pictures);
        $placeOf = self::allPlaced($groups, $looks, $pictures);

        return new self(
            $groups,
            array_map(fn(?ShotLook $look): ShotLook => $look ?? ShotLook::none(), $looks),
            $placeOf,
        );
    }

    /**
     * @param  list<ShotGroup>  $groups
     * @param  list<?ShotLook>  $looks  at each place
     * @param  array<array-key, ShotPicture>  $pictures
     * @return array<array-key, int> place by key
     */
    private static function allPlaced(array $groups, array $looks, array $pictures): array
    {
        $placeOf = [];
        foreach ($groups as $group) {
            $placeOf += self::placed($group, $looks, $pictures);
        }

        return $placeOf;
    }

    /**
     * Two views at one place, which many groups have: one of them is seen in none of those that the others were laid
     * beside.
     *
     * @param  non-empty-list<ShotGroup>  $groups
     * @param  array<array-key, int>  $placeOf
     * @param  array<array-key, ShotPicture>  $pictures
     * @return ?array{int, ShotLook} behind which place, and what is seen at it
     */
    private static function lackingPlace(array $groups, array $placeOf, array $pictures): ?array
    {
        $times = $looks = [];
        foreach ($groups as $group) {
            $before = null;
            foreach ($group->keys as $key) {
                $look = $pictures[$key]->look;
                if ($before !== null && $placeOf[$before] === $placeOf[$key] && $look !== null) {
                    $first = $pictures[$before]->look;
                    if ($first !== null && $first->formDistance($look) >= self::TWIN) {
                        $times[$placeOf[$key]] = ($times[$placeOf[$key]] ?? 0) + 1;
                        $looks[$placeOf[$key]] ??= [$first, $look];
                    }
                }
                $before = $key;
            }
        }
        foreach ($times as $place => $count) {
            if ($count >= self::LEAST_GROUPS * count($groups)) {
                return self::farther($place, $looks[$place], $placeOf, $pictures);
            }
        }

        return null;
    }

    /**
     * @param  array{ShotLook, ShotLook}  $looks  of two pictures at one place, the earlier first
     * @param  array<array-key, int>  $placeOf
     * @param  array<array-key, ShotPicture>  $pictures
     * @return array{int, ShotLook} where the one goes that is less like what else is there
     */
    private static function farther(int $place, array $looks, array $placeOf, array $pictures): array
    {
        $sums = [0.0, 0.0];
        foreach (array_keys($placeOf, $place, true) as $key) {
            foreach ($looks as $which => $look) {
                $sums[$which] += self::apart($pictures[$key]->look, $look);
            }
        }

        return $sums[0] > $sums[1] ? [$place, $looks[0]] : [$place + 1, $looks[1]];
    }

    /**
     * A place that is none: which few groups have, or of a picture that was taken twice, so that others have either.
     *
     * @param  non-empty-list<ShotGroup>  $groups
     * @param  array<array-key, int>  $placeOf
     * @param  list<?ShotLook>  $looks  at each place
     * @param  array<array-key, ShotPicture>  $pictures
     */
    private static function wrongPlace(array $groups, array $placeOf, array $looks, array $pictures): ?int
    {
        $times = $both = array_fill(0, count($looks), 0);
        $apart = array_fill(0, count($looks), []);
        foreach ($groups as $group) {
            $own = [];
            foreach ($group->keys as $key) {
                $own[$placeOf[$key]] = $pictures[$key]->look;
            }
            foreach ($own as $place => $look) {
                $times[$place]++;
                if (array_key_exists($place + 1, $own)) {
                    $both[$place]++;
                    $apart[$place][] = self::apart($look, $own[$place + 1]);
                }
            }
        }
        foreach ($times as $place => $count) {
            if (count($looks) > 1 && $count < self::LEAST_GROUPS * count($groups)) {
                return $place;
            }
            if (!isset($times[$place + 1])) {
                continue;
            }
            $share = $both[$place] / max(1, min($count, $times[$place + 1]));
            $distance = array_sum($apart[$place]) / max(1, $both[$place]);
            if (
                (count($groups) > 2 && $share < self::LEAST_GROUPS) ||
                ($share < self::MOST_TWICE && $distance < self::TWIN) ||
                ($share < self::SOME_TWICE && $distance < self::ALIKE)
            ) {
                return $place + 1;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, int>  $placeOf
     * @param  list<?ShotLook>  $looks  as they were taken to be
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<?ShotLook> at each place, of all its pictures
     */
    private static function seen(array $placeOf, array $looks, array $pictures): array
    {
        $seen = [];
        foreach ($placeOf as $key => $place) {
            if ($pictures[$key]->look !== null) {
                $seen[$place][] = $pictures[$key]->look;
            }
        }

        return array_map(
            fn(int $place): ?ShotLook => isset($seen[$place]) ? ShotLook::mean($seen[$place]) : $looks[$place],
            array_keys($looks),
        );
    }

    /**
     * What the others are laid beside: the views of the first group that has as many as most have.
     *
     * @param  non-empty-list<ShotGroup>  $groups
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<?ShotLook>
     */
    private static function typical(array $groups, array $pictures): array
    {
        $views = array_map(fn(ShotGroup $group): array => self::distinct(self::looks($group, $pictures)), $groups);
        $times = array_count_values(array_map(count(...), $views));
        krsort($times);
        $usual = array_search(max($times), $times, true);

        return array_values(array_filter($views, fn(array $looks): bool => count($looks) === $usual))[0];
    }

    /**
     * @param  list<?ShotLook>  $looks
     * @return list<?ShotLook> without what was taken twice
     */
    private static function distinct(array $looks): array
    {
        $distinct = [$looks[0]];
        foreach (array_slice($looks, 1) as $look) {
            if (self::apart($distinct[count($distinct) - 1], $look) >= self::TWIN) {
                $distinct[] = $look;
            }
        }

        return $distinct;
    }

    /**
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<?ShotLook>
     */
    private static function looks(ShotGroup $group, array $pictures): array
    {
        return array_map(fn(int|string $key): ?ShotLook => $pictures[$key]->look, $group->keys);
    }

    /**
     * How far the forms of two groups are from each other, in order, with what is missing in either.
     *
     * @param  array<array-key, ShotPicture>  $pictures
     */
    private static function distance(ShotGroup $one, ShotGroup $other, array $pictures): float
    {
        [$own, $theirs] = [self::looks($one, $pictures), self::looks($other, $pictures)];
        $costs = [range(0.0, self::MISSING * count($theirs), self::MISSING)];
        foreach ($own as $row => $look) {
            $costs[$row + 1] = [($row + 1) * self::MISSING];
            foreach ($theirs as $column => $their) {
                $costs[$row + 1][] = min(
                    $costs[$row][$column] + self::apart($look, $their),
                    $costs[$row][$column + 1] + self::MISSING,
                    $costs[$row + 1][$column] + self::MISSING,
                );
            }
        }

        return $costs[count($own)][count($theirs)] / max(1, min(count($own), count($theirs)));
    }

    private static function apart(?ShotLook $one, ?ShotLook $other): float
    {
        return $one === null || $other === null ? self::UNKNOWN : $one->formDistance($other);
    }

    /**
     * Each picture of a group at the place whose form it has, in order: a place may be left out, or taken twice.
     *
     * @param  list<?ShotLook>  $looks  at each place
     * @param  array<array-key, ShotPicture>  $pictures
     * @return array<array-key, int> place by key
     */
    private static function placed(ShotGroup $group, array $looks, array $pictures): array
    {
        $last = count($looks) - 1;
        $costs = $from = [];
        foreach ($group->keys as $row => $key) {
            foreach ($looks as $place => $form) {
                $best = [INF, 0];
                foreach ($row === 0 ? [-1] : range(0, $place) as $before) {
                    $cost =
                        ($row === 0 ? 0.0 : $costs[$row - 1][$before]) +
                        ($before === $place ? self::TWICE : self::MISSING * ($place - $before - 1));
                    if ($cost < $best[0]) {
                        $best = [$cost, $before];
                    }
                }
                $costs[$row][$place] = $best[0] + self::apart($pictures[$key]->look, $form);
                $from[$row][$place] = $best[1];
            }
        }
        $end = [];
        $rows = count($group->keys);
        foreach ($costs[$rows - 1] as $place => $cost) {
            $end[$place] = $cost + self::MISSING * ($last - $place);
        }
        asort($end);
        $place = (int) array_key_first($end);
        $placeOf = [];
        for ($row = $rows - 1; $row >= 0; $row--) {
            $placeOf[$group->keys[$row]] = $place;
            $place = $from[$row][$place];
        }

        return array_reverse($placeOf, true);
    }
}
