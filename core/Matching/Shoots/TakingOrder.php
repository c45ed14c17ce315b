<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/**
 * The order in which the pictures of one camera were taken: by its clock; where that is not written in all of them, by
 * the numbers in their names, which begin anew behind the last one that a camera can write; else by the time at which
 * the files were changed.
 */
final readonly class TakingOrder
{
    /** A number that cameras begin anew behind, such as 9999. */
    private const FULL = '/^9{3,}$/';

    /** Where this share of all numbers lies between two that follow one another, the camera began anew there. */
    private const LEAST_GAP = 0.5;

    /**
     * @template TKey of array-key
     *
     * @param  array<TKey, TakenPicture>  $pictures
     * @return array<string, list<TKey>> roll => keys in the order of taking
     */
    public static function of(array $pictures): array
    {
        $rolls = [];
        foreach ($pictures as $key => $picture) {
            $rolls[$picture->roll()][$key] = $picture;
        }

        return array_map(self::ofRoll(...), $rolls);
    }

    /**
     * @template TKey of array-key
     *
     * @param  non-empty-array<TKey, TakenPicture>  $roll
     * @return list<TKey>
     */
    private static function ofRoll(array $roll): array
    {
        $byName = fn(TakenPicture $a, TakenPicture $b): int => strnatcasecmp($a->file, $b->file) ?:
        strcmp("{$a->folder}/{$a->file}", "{$b->folder}/{$b->file}");
        $has = fn(callable $what): bool => array_filter($roll, fn(TakenPicture $one): bool => $what($one) === null) ===
            [];
        if ($has(fn(TakenPicture $one): ?string => $one->takenAt)) {
            uasort($roll, fn(TakenPicture $a, TakenPicture $b): int => $a->takenAt <=> $b->takenAt ?: $byName($a, $b));
        } elseif ($has(fn(TakenPicture $one): ?string => $one->number())) {
            $first = self::first($roll);
            uasort(
                $roll,
                fn(TakenPicture $a, TakenPicture $b): int => [(int) $a->number() < $first, (int) $a->number()] <=> [
                    (int) $b->number() < $first,
                    (int) $b->number(),
                ] ?:
                $byName($a, $b),
            );
        } elseif ($has(fn(TakenPicture $one): ?int => $one->changedMs)) {
            uasort(
                $roll,
                fn(TakenPicture $a, TakenPicture $b): int => $a->changedMs <=> $b->changedMs ?: $byName($a, $b),
            );
        } else {
            uasort($roll, $byName);
        }

        return array_keys($roll);
    }

    /**
     * @param  non-empty-array<array-key, TakenPicture>  $roll  all with a number
     * @return int the number with which it begins: not the lowest where the camera began anew in it
     */
    private static function first(array $roll): int
    {
        $numbers = array_map(fn(TakenPicture $one): int => (int) $one->number(), array_values($roll));
        sort($numbers);
        $digits = max(array_map(fn(TakenPicture $one): int => strlen((string) $one->number()), $roll));
        $full = 10 ** $digits - 1;
        if (
            preg_match(self::FULL, (string) $full) !== 1 ||
            end($numbers) < 0.95 * $full ||
            $numbers[0] > 0.05 * $full
        ) {
            return $numbers[0];
        }
        for ($at = 1, $count = count($numbers); $at < $count; $at++) {
            if ($numbers[$at] - $numbers[$at - 1] > self::LEAST_GAP * $full) {
                return $numbers[$at];
            }
        }

        return $numbers[0];
    }
}
