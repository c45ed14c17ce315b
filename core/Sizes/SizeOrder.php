<?php

declare(strict_types=1);

namespace Core\Sizes;

/** Puts sizes into the order in which people expect to read them. */
final class SizeOrder
{
    public function __construct(private readonly SizeReader $reader = new SizeReader()) {}

    /**
     * A run that has all the sizes decides. Otherwise each family is sorted within itself, and families
     * follow each other as they were first typed; what belongs to none keeps its order after them.
     *
     * @param  list<string>  $sizes
     * @param  list<SizeRun>  $runs  named runs of the library, for sizes such as Single, Double, King
     * @return list<string>
     */
    public function sort(array $sizes, array $runs = []): array
    {
        foreach ($runs as $run) {
            $places = array_map(fn(string $size): ?int => $run->place($size), $sizes);
            if ($sizes !== [] && !in_array(null, $places, true)) {
                array_multisort($places, SORT_NUMERIC, array_keys($sizes), $sizes);

                return $sizes;
            }
        }
        $families = [];
        $unknown = [];
        foreach ($sizes as $size) {
            $read = $this->read($size, $runs);
            if ($read->isKnown()) {
                $families[$read->family][] = $read;
            } else {
                $unknown[] = $size;
            }
        }
        $sorted = [];
        foreach ($families as $family) {
            usort($family, fn(Size $a, Size $b): int => self::compared($a->rank, $b->rank));
            array_push($sorted, ...array_map(fn(Size $size): string => $size->typed, $family));
        }

        return [...$sorted, ...$unknown];
    }

    /** @param  list<string>  $sizes */
    public function isSorted(array $sizes): bool
    {
        return $this->sort($sizes) === $sizes;
    }

    /**
     * Sizes that stand under two names: [["XXL", "2XL"]].
     *
     * @param  list<string>  $sizes
     * @return list<list<string>>
     */
    public function aliases(array $sizes): array
    {
        $same = [];
        foreach ($sizes as $size) {
            $same[$this->reader->read($size)->identity()][] = $size;
        }

        return array_values(array_filter($same, fn(array $names): bool => count($names) > 1));
    }

    /**
     * A word that is no size by itself may be one by a run of the library.
     *
     * @param  list<SizeRun>  $runs
     */
    private function read(string $size, array $runs): Size
    {
        $read = $this->reader->read($size);
        foreach ($read->isKnown() ? [] : $runs as $run) {
            $place = $run->place($size);
            if ($place !== null) {
                return new Size($size, 'run ' . $run->name, [$place], $size);
            }
        }

        return $read;
    }

    /**
     * Part by part; where one has more parts, the shorter comes first.
     *
     * @param  list<int>  $a
     * @param  list<int>  $b
     */
    private static function compared(array $a, array $b): int
    {
        foreach ($a as $at => $part) {
            if (($b[$at] ?? null) !== $part) {
                return $part <=> ($b[$at] ?? PHP_INT_MIN);
            }
        }

        return count($a) <=> count($b);
    }
}
