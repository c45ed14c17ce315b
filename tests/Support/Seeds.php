<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Seeds of what is drawn at random. All of them hold; a run tries every third, others each day, so that it is over
 * soon. SLATE_SEEDS=all tries all.
 */
final class Seeds
{
    private const PARTS = 3;

    /** @return non-empty-list<int> out of those from 1 on */
    public static function upTo(int $last): array
    {
        $all = range(1, $last);
        if (getenv('SLATE_SEEDS') === 'all') {
            return $all;
        }
        $today = (int) gmdate('z') % self::PARTS;

        return array_values(array_filter($all, fn(int $seed): bool => $seed % self::PARTS === $today)) ?: [1];
    }
}
