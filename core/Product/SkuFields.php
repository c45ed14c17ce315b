<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\PriceField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuField\TextField;
use Core\Product\SkuField\WeightField;

/** What SKUs can have of their own. A new one is registered here. */
final readonly class SkuFields
{
    /** @return list<SkuField> in the order in which people see them */
    public static function all(): array
    {
        return [
            new CodeField(),
            new PriceField(),
            new StockField(),
            new GtinField(),
            new WeightField(),
            ...self::texts(),
        ];
    }

    /** @return list<TextField> those that are texts and nothing more */
    public static function texts(): array
    {
        return [
            new TextField(
                'maker-number',
                'Manufacturer’s number',
                'Maker’s no.',
                'As the manufacturer writes it, such as KL-2204/M; nothing: none',
                linkedAs: 'mpn',
                isSearched: true,
            ),
        ];
    }

    /** @return list<SkuField> by which a SKU can be found that begins with what was typed */
    public static function searchedBy(string $typed): array
    {
        return array_values(
            array_filter(
                self::all(),
                fn(SkuField $field): bool => $field->isSearched() && (!$field->isFigure() || ctype_digit($typed)),
            ),
        );
    }

    public static function named(string $key): ?SkuField
    {
        foreach (self::all() as $field) {
            if ($field->key() === $key) {
                return $field;
            }
        }

        return null;
    }
}
