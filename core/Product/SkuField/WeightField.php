<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Details\DetailKind;
use Core\Details\Weight;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Product\SkuField;

/** What one of a SKU weighs, in grams. */
final readonly class WeightField implements SkuField
{
    use UsualField;

    public const KEY = 'weight';

    public function key(): string
    {
        return self::KEY;
    }

    public function column(): string
    {
        return 'weight_g';
    }

    public function name(): string
    {
        return 'Weight';
    }

    public function hint(): string
    {
        return 'Such as 350, 1.2 kg or 12 oz';
    }

    public function none(): string
    {
        return 'not weighed';
    }

    public function isFigure(): bool
    {
        return true;
    }

    public function shown(Sku $sku): string
    {
        return $sku->weightG === null ? '' : "{$sku->weightG} g";
    }

    public function note(Sku $sku): string
    {
        return $sku->weightG === null ? $this->none() : '';
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->weighed(trim($typed) === '' ? null : Weight::typed($typed));
    }

    /** In the unit code of UN/ECE Recommendation 20 for the gram. */
    public function linked(Sku $sku): array
    {
        return $sku->weightG === null
            ? []
            : ['weight' => ['@type' => 'QuantitativeValue', 'value' => $sku->weightG, 'unitCode' => 'GRM']];
    }

    public function details(): array
    {
        return [DetailKind::Dimensions, DetailKind::Surcharge, DetailKind::Customs, DetailKind::Origin];
    }
}
