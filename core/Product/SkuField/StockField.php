<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Details\DetailKind;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Stock\StockChange;

/** Units that were counted for one SKU alone. */
final readonly class StockField implements SkuField
{
    public const KEY = 'stock';

    public function key(): string
    {
        return self::KEY;
    }

    public function column(): string
    {
        return 'stock';
    }

    public function name(): string
    {
        return 'Stock';
    }

    public function short(): string
    {
        return 'Stock';
    }

    public function inWords(int $count): string
    {
        return $count === 1 ? 'stock figure' : 'stock figures';
    }

    public function hint(): string
    {
        return '12 sets the units, +5 and -3 change them, nothing: not counted';
    }

    public function none(): string
    {
        return 'not counted';
    }

    public function isUnique(): bool
    {
        return false;
    }

    public function isFigure(): bool
    {
        return true;
    }

    public function isSearched(): bool
    {
        return false;
    }

    public function shown(Sku $sku): string
    {
        return (string) $sku->stock;
    }

    public function note(Sku $sku): string
    {
        return '';
    }

    public function stored(Sku $sku): ?int
    {
        return $sku->stock;
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->counted(StockChange::units($typed));
    }

    /** Whether it can be bought is a matter of shared units and of the day. */
    public function linked(Sku $sku): array
    {
        return [];
    }

    public function details(): array
    {
        return [DetailKind::LowMark, DetailKind::PreOrder, DetailKind::Least, DetailKind::Most];
    }
}
