<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Text\Day;

/** Whether a SKU can be bought, and how that is said. */
enum Availability: string
{
    case NotCounted = 'not counted';
    case InStock = 'in stock';
    case Low = 'low';
    case PreOrder = 'pre-order';
    case SoldOut = 'sold out';

    /**
     * @param  ?int  $units  null where nobody counts them: then it can be bought
     * @param  ?int  $low  from so many units on it is low; null for never
     * @param  ?Day  $here  the day from which on it is here; until then it can be ordered ahead
     */
    public static function of(?int $units, ?int $low, ?Day $here, Day $today): self
    {
        return match (true) {
            $units === 0 && $here !== null && $today->isBefore($here) => self::PreOrder,
            $units === 0 => self::SoldOut,
            $units === null => self::NotCounted,
            $low !== null && $units <= $low => self::Low,
            default => self::InStock,
        };
    }

    public function canBeBought(): bool
    {
        return $this !== self::SoldOut;
    }

    /** As schema.org calls it. */
    public function schemaName(): string
    {
        return match ($this) {
            self::NotCounted, self::InStock => 'InStock',
            self::Low => 'LimitedAvailability',
            self::PreOrder => 'PreOrder',
            self::SoldOut => 'OutOfStock',
        };
    }
}
