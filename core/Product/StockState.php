<?php

declare(strict_types=1);

namespace Core\Product;

/** What there is of a product, over all its SKUs on offer. */
enum StockState: string
{
    case Nothing = 'nothing';
    case NotCounted = 'not counted';
    case SoldOut = 'sold out';
    case Partly = 'partly';
    case InStock = 'in stock';

    public static function of(StockCount $stock, int $skus): self
    {
        return match (true) {
            $skus === 0 => self::Nothing,
            $stock->notCounted === $skus => self::NotCounted,
            $stock->soldOut === $skus => self::SoldOut,
            $stock->soldOut > 0 => self::Partly,
            default => self::InStock,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Nothing => 'no SKU yet',
            self::NotCounted => 'stock not counted',
            self::SoldOut => 'all sold out',
            self::Partly => 'some sold out',
            self::InStock => 'all in stock',
        };
    }
}
