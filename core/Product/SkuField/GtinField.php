<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Codes\Gtin;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Product\SkuField;

/** The number by which the trade knows a SKU: no two have the same. */
final readonly class GtinField implements SkuField
{
    use UsualField;

    public const KEY = 'gtin';

    public function key(): string
    {
        return self::KEY;
    }

    public function column(): string
    {
        return 'gtin';
    }

    public function name(): string
    {
        return 'GTIN';
    }

    public function inWords(int $count): string
    {
        return $count === 1 ? 'GTIN' : 'GTINs';
    }

    public function hint(): string
    {
        return 'The GTIN of one SKU: 8, 12, 13 or 14 digits';
    }

    public function isUnique(): bool
    {
        return true;
    }

    public function isFigure(): bool
    {
        return true;
    }

    public function isSearched(): bool
    {
        return true;
    }

    public function shown(Sku $sku): string
    {
        return $sku->gtin ?? '';
    }

    public function note(Sku $sku): string
    {
        return $sku->gtin !== null && Gtin::restriction($sku->gtin) !== null ? 'restricted' : '';
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->numbered(trim($typed) === '' ? null : Gtin::typed($typed));
    }

    public function linked(Sku $sku): array
    {
        return $sku->gtin === null ? [] : ['gtin' => $sku->gtin];
    }
}
