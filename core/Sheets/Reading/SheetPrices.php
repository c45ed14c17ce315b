<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Pricing\Money;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\Sku;

/**
 * What a column of prices means where the sheet has none for the base price: what the SKU is to cost. A rule comes before
 * a hundred own prices: of a new product what most SKUs cost is its base price, and so is what all of them cost.
 */
final readonly class SheetPrices
{
    /**
     * @param  ProductDetails  $details  as the sheet says them
     * @param  list<Sku>  $skus  that the sheet says something of, with the prices that it says as their own
     */
    private function __construct(public ProductDetails $details, public array $skus) {}

    /**
     * @param  list<Sku>  $skus
     * @param  array<string, true>  $said  keys of cells whose price the sheet says
     */
    public static function of(Product $product, ProductDetails $details, array $skus, array $said): self
    {
        $prices = [];
        foreach ($skus as $sku) {
            if (isset($said[$sku->cell->key]) && $sku->price !== null) {
                $prices[] = $sku->price->shown();
            }
        }
        $counts = array_count_values($prices);
        arsort($counts);
        $usual = (string) array_key_first($counts);
        if ($prices === []) {
            return new self($details, $skus);
        }
        $isNew = $product->made === [] && $details->basePrice === null;
        $isOne = count($counts) === 1 && count($prices) >= count($product->made) && $details->adjustments === [];
        $isOther = self::isOther($product, $skus, $said);
        if ($isNew || ($isOne && $isOther)) {
            $base = Money::of($usual, $details->currency);

            return new self(
                $details->with(['basePrice' => $base]),
                array_map(
                    fn(Sku $sku): Sku => isset($said[$sku->cell->key]) && $sku->price?->equals($base) === true
                        ? $sku->priceOf(null)
                        : $sku,
                    $skus,
                ),
            );
        }

        $made = array_column($product->made, null, 'id');

        return new self(
            $details,
            array_map(fn(Sku $sku): Sku => self::followed($product, $made[$sku->id] ?? null, $sku), $skus),
        );
    }

    /**
     * @param  list<Sku>  $skus
     * @param  array<string, true>  $said
     */
    private static function isOther(Product $product, array $skus, array $said): bool
    {
        $made = array_column($product->made, null, 'id');
        foreach ($skus as $sku) {
            $own = $made[$sku->id] ?? null;
            if (
                isset($said[$sku->cell->key]) &&
                $sku->price !== null &&
                ($own === null || $product->price($own)?->equals($sku->price) !== true)
            ) {
                return true;
            }
        }

        return false;
    }

    /** A SKU that costs so already goes on as it does. */
    private static function followed(Product $product, ?Sku $own, Sku $sku): Sku
    {
        return $own !== null && $sku->price !== null && $product->price($own)?->equals($sku->price) === true
            ? $sku->priceOf($own->price)
            : $sku;
    }
}
