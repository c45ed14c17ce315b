<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Details\DetailKind;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Sku;
use Core\Product\SkuField;

/** A price of its own, in place of what the product's rules make. */
final readonly class PriceField implements SkuField
{
    use UsualField;

    public const KEY = 'prices';

    public function key(): string
    {
        return self::KEY;
    }

    public function column(): string
    {
        return 'price';
    }

    public function name(): string
    {
        return 'Price';
    }

    public function short(): string
    {
        return 'Prices';
    }

    public function hint(): string
    {
        return '49.90 sets the price, +5 and -10 % change it, nothing gives it back to the product';
    }

    public function none(): string
    {
        return 'as the product';
    }

    public function isFigure(): bool
    {
        return true;
    }

    public function shown(Sku $sku): string
    {
        return $sku->price?->shown() ?? '';
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->priceOf(trim($typed) === '' ? null : Money::typed($typed, $currency));
    }

    public function details(): array
    {
        return [DetailKind::Sale, DetailKind::ListPrice, DetailKind::Cost, DetailKind::Ending];
    }
}
