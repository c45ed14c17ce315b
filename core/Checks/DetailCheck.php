<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\PriceField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuField\WeightField;

/** What the numbers and details of a product are held against. */
enum DetailCheck: string implements Check
{
    case NoSku = 'sku.none';
    case NoCategory = 'category.missing';
    case NoDescription = 'description.missing';
    case NoBrand = 'brand.missing';
    case NoShortText = 'short-text.missing';
    case NoPicture = 'picture.none';
    case NoPrice = 'price.missing';
    case BelowZero = 'price.below-zero';
    case TooHigh = 'price.too-high';
    case SaleNotBelow = 'sale.not-below';
    case BelowCost = 'price.below-cost';
    case SaleBelowCost = 'sale.below-cost';
    case NoOrder = 'order.impossible';
    case AllSoldOut = 'stock.all-sold-out';
    case NotCounted = 'stock.not-counted';
    case NoGtin = 'gtin.missing';
    case RestrictedGtin = 'gtin.restricted';
    case NoWeight = 'weight.missing';

    public function key(): string
    {
        return $this->value;
    }

    public function severity(): Severity
    {
        return match ($this) {
            self::NoSku, self::NoPrice, self::BelowZero, self::TooHigh, self::NoOrder => Severity::Stop,
            self::SaleNotBelow,
            self::BelowCost,
            self::SaleBelowCost,
            self::AllSoldOut,
            self::NoPicture,
            self::NoCategory,
            self::NoDescription
                => Severity::Warn,
            default => Severity::Advise,
        };
    }

    public function reads(): array
    {
        return [Source::Product];
    }

    public function place(): FindingPlace
    {
        return match ($this) {
            self::NoSku, self::NoPicture => FindingPlace::on(Page::Board),
            self::NoCategory => FindingPlace::detail('category'),
            self::NoDescription => FindingPlace::detail('description'),
            self::NoBrand => FindingPlace::detail('brand'),
            self::NoShortText => FindingPlace::detail('short text'),
            self::BelowZero,
            self::TooHigh,
            self::SaleNotBelow,
            self::BelowCost,
            self::SaleBelowCost
                => FindingPlace::on(Page::Prices),
            self::NoPrice => FindingPlace::board(PriceField::KEY),
            self::AllSoldOut, self::NotCounted, self::NoOrder => FindingPlace::board(StockField::KEY),
            self::NoGtin, self::RestrictedGtin => FindingPlace::board(GtinField::KEY),
            self::NoWeight => FindingPlace::board(WeightField::KEY),
        };
    }

    public function findings(CheckedProduct $checked): array
    {
        return $checked->ofDetails($this);
    }

    /**
     * What is wrong, in words.
     *
     * @param  int  $count  SKUs that it is about; 0 where it is about the product
     */
    public function inWords(int $count): string
    {
        $skus = number_format($count) . ($count === 1 ? ' SKU' : ' SKUs');

        return match ($this) {
            self::NoSku => 'No SKU is made yet',
            self::NoPrice => "{$skus} without a price",
            self::BelowZero => "{$skus} would cost less than nothing",
            self::TooHigh => "{$skus} would cost more than any price can be",
            self::SaleNotBelow => "{$skus} whose sale is not below the regular price",
            self::BelowCost => "{$skus} sold below cost",
            self::SaleBelowCost => "{$skus} sold below cost in a sale",
            self::NoOrder => "{$skus} that nobody can order: the least is above the most",
            self::AllSoldOut => 'Everything is sold out',
            self::NotCounted => "{$skus} not counted",
            self::NoGtin => "{$skus} without a GTIN",
            self::RestrictedGtin => "{$skus} with a GTIN that must not leave the company",
            self::NoWeight => "{$skus} without a weight",
            self::NoPicture => 'No picture',
            self::NoCategory => 'No category',
            self::NoDescription => 'No description',
            self::NoBrand => 'No brand',
            self::NoShortText => 'No short description',
        };
    }
}
