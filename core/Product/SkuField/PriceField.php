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

    public function inWords(int $count): string
    {
        return $count === 1 ? 'price' : 'prices';
    }

    public function hint(): string
    {
        return '49.90 sets the price, +5 and -10 % change it, nothing gives it back to the product';
    }

    public function none(): string
    {
        return 'as the product';
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
        return $sku->price?->shown() ?? '';
    }

    public function note(Sku $sku): string
    {
        return '';
    }

    public function stored(Sku $sku): ?string
    {
        return $sku->price === null ? null : (string) $sku->price->amount;
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->priceOf(trim($typed) === '' ? null : Money::typed($typed, $currency));
    }

    /** What a shopper pays is a matter of the product's rules and of the day. */
    public function linked(Sku $sku): array
    {
        return [];
    }

    public function details(): array
    {
        return [DetailKind::Sale, DetailKind::ListPrice, DetailKind::Cost, DetailKind::Ending];
    }
}
