<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Text\UnreadableNumber;

/** What a SKU weighs, in whole grams. */
final class Weight
{
    private const MOST = 100_000_000;

    /** Whole grams as they are mostly typed, and fewer than the most. */
    private const GRAMS = '/^[1-9]\d{0,7}$/D';

    /**
     * Out of a weight in any unit, rounded half up: "350", "1.2 kg", "12 oz".
     *
     * @throws UnreadableDetail
     * @throws UnreadableNumber
     */
    public static function typed(string $typed): int
    {
        if (preg_match(self::GRAMS, $typed) === 1) {
            return (int) $typed;
        }
        $grams = Quantity::typed($typed, Unit::Gram)->in(Unit::Gram, 0);

        return $grams->isZero() || $grams->isGreaterThan(self::MOST)
            ? throw UnreadableDetail::noWeight($typed, self::MOST)
            : $grams->toInt();
    }
}
