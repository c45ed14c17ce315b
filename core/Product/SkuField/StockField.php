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
    use UsualField;

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

    public function isFigure(): bool
    {
        return true;
    }

    public function shown(Sku $sku): string
    {
        return (string) $sku->stock;
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->counted(StockChange::units($typed));
    }

    public function details(): array
    {
        return [DetailKind::LowMark, DetailKind::PreOrder, DetailKind::Least, DetailKind::Most];
    }
}
