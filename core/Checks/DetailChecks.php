<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Codes\Gtin;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Pricing\SellingPrice;
use Core\Product\Product;
use Core\Product\Sku;

/** What is still missing of a product, or cannot be meant: its numbers, and what is said of it. */
final readonly class DetailChecks
{
    /** @var array<string, SellingPrice> by the key of the cell */
    private array $sold;

    public function __construct(private Product $product)
    {
        $this->sold = array_map(
            fn(Sku $sku): SellingPrice => $product->prices->price($sku->cell, $sku->price),
            $product->made,
        );
    }

    /** @return list<Finding> none, or one */
    public function of(DetailCheck $check): array
    {
        $details = $this->product->state->details;

        return match ($check) {
            DetailCheck::NoSku => $this->where($check, $this->product->made === []),
            DetailCheck::NoCategory => $this->where($check, trim($details->category) === ''),
            DetailCheck::NoDescription => $this->where($check, trim($details->description) === ''),
            DetailCheck::NoBrand => $this->where($check, trim($details->brand) === ''),
            DetailCheck::NoShortText => $this->where($check, $details->details->whole(DetailKind::ShortText) === ''),
            DetailCheck::NoPicture => $this->where($check, $this->product->state->pictures === []),
            DetailCheck::AllSoldOut => $this->where($check, $this->isAllSoldOut()),
            DetailCheck::NotCounted => $this->product->book->counting === Counting::None ? [] : $this->skus($check),
            default => $this->skus($check),
        };
    }

    /** @return list<Finding> */
    private function where(DetailCheck $check, bool $isFound): array
    {
        return $isFound ? [new Finding($check, $check->inWords(0))] : [];
    }

    /** @return list<Finding> */
    private function skus(DetailCheck $check): array
    {
        $cells = array_keys(array_filter($this->product->made, fn(Sku $sku): bool => $this->isFound($check, $sku)));
        $count = count($cells);

        return $count === 0
            ? []
            : [new Finding($check, $check->inWords($count), array_map(strval(...), $cells), count: $count)];
    }

    private function isFound(DetailCheck $check, Sku $sku): bool
    {
        $sold = $this->sold[$sku->cell->key];

        return match ($check) {
            DetailCheck::NoPrice => $sold->effective() === null && !$sold->isBelowZero && !$sold->isTooHigh,
            DetailCheck::BelowZero => $sku->price === null && $sold->isBelowZero,
            DetailCheck::TooHigh => $sku->price === null && $sold->isTooHigh,
            DetailCheck::SaleNotBelow => $this->hasDearSale($sku),
            DetailCheck::BelowCost => $this->product->prices
                ->margin($sku->cell, $sold->effective())
                ?->amount()
                ->amount->isNegative() === true,
            DetailCheck::SaleBelowCost => $this->isSoldBelowCostInSale($sku),
            DetailCheck::NoOrder => $this->product->orderLimits($sku)->areImpossible(),
            DetailCheck::NotCounted => $this->product->units($sku) === null,
            DetailCheck::NoGtin => $sku->gtin === null,
            DetailCheck::RestrictedGtin => $sku->gtin !== null && Gtin::restriction($sku->gtin) !== null,
            DetailCheck::NoWeight => $sku->weightG === null,
            default => false,
        };
    }

    private function isAllSoldOut(): bool
    {
        $isThere = fn(Sku $sku): bool => $this->product->units($sku) !== 0;

        return $this->product->made !== [] && array_filter($this->product->made, $isThere) === [];
    }

    private function hasDearSale(Sku $sku): bool
    {
        $sale = $this->product->prices->sale($sku->cell);
        $price = $this->sold[$sku->cell->key]->effective();

        return $sale !== null && $price !== null && !$sale->isBelow($price);
    }

    private function isSoldBelowCostInSale(Sku $sku): bool
    {
        $sale = $this->product->prices->sale($sku->cell);
        $isSale = $sale !== null && $sale->isBelow($this->sold[$sku->cell->key]->effective());

        return $isSale &&
            $this->product->prices->margin($sku->cell, $sale->price)?->amount()->amount->isNegative() === true;
    }
}
