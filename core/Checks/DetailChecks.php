<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Codes\Gtin;
use Core\Details\Counting;
use Core\Details\DetailFinder;
use Core\Details\DetailKind;
use Core\Details\OrderLimits;
use Core\Details\PriceList;
use Core\Matrix\Combination;
use Core\Pricing\SellingPrice;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Stock\StockBook;

/** What is still missing of a product, or cannot be meant: its numbers, and what is said of it. */
final readonly class DetailChecks
{
    private PriceList $prices;

    private StockBook $book;

    /** @var list<Sku> on offer */
    private array $skus;

    /** @var array<string, SellingPrice> by the key of the cell */
    private array $sold;

    public function __construct(private ProductState $state)
    {
        $details = $state->details;
        $this->prices = new PriceList($details->currency, $details->basePrice, $details->adjustments, $details->details, $state->matrix);
        $this->book = new StockBook($details->details, $state->matrix);
        $skus = array_column(
            array_map(
                fn (Sku $sku): array => [$sku->cell->key, $sku],
                array_filter($state->skus, fn (Sku $sku): bool => $sku->isMade()),
            ),
            1,
            0,
        );
        $this->skus = array_map(
            fn (Combination $cell): Sku => $skus[$cell->key],
            $state->matrix->inOrder(array_map(fn (Sku $sku): Combination => $sku->cell, array_values($skus))),
        );
        $this->sold = array_column(
            array_map(
                fn (Sku $sku): array => [$sku->cell->key, $this->prices->price($sku->cell, $sku->price)],
                $this->skus,
            ),
            1,
            0,
        );
    }

    /** @return list<DetailFinding> what stops a release first, then what warns, then what advises */
    public function findings(): array
    {
        $details = $this->state->details;
        $missing = fn (DetailCheck $check, string $text): ?DetailFinding => trim($text) === '' ? new DetailFinding($check) : null;
        $findings = array_values(array_filter([
            $this->skus === [] ? new DetailFinding(DetailCheck::NoSku) : null,
            $missing(DetailCheck::NoCategory, $details->category),
            $missing(DetailCheck::NoDescription, $details->description),
            $missing(DetailCheck::NoBrand, $details->brand),
            $missing(DetailCheck::NoShortText, $details->details->whole(DetailKind::ShortText)),
            $this->state->pictures === [] ? new DetailFinding(DetailCheck::NoPicture) : null,
            ...$this->ofSkus(),
        ]));
        $rank = fn (DetailFinding $finding): int => (int) array_search($finding->check->severity(), Severity::cases(), true);
        usort($findings, fn (DetailFinding $a, DetailFinding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }

    /** @return list<?DetailFinding> */
    private function ofSkus(): array
    {
        $stock = array_map(fn (Sku $sku): ?int => $this->book->of($sku->cell, $sku->stock), $this->skus);
        [$least, $most] = array_map(fn (DetailKind $kind): DetailFinder => $this->state->details->details->finder($kind, $this->state->matrix), [DetailKind::Least, DetailKind::Most]);

        return [
            $this->where(
                DetailCheck::NoPrice,
                fn (Sku $sku): bool => $this->sold[$sku->cell->key]->effective() === null && ! $this->sold[$sku->cell->key]->isBelowZero && ! $this->sold[$sku->cell->key]->isTooHigh,
            ),
            $this->where(
                DetailCheck::BelowZero,
                fn (Sku $sku): bool => $sku->price === null && $this->sold[$sku->cell->key]->isBelowZero,
            ),
            $this->where(
                DetailCheck::TooHigh,
                fn (Sku $sku): bool => $sku->price === null && $this->sold[$sku->cell->key]->isTooHigh,
            ),
            $this->where(DetailCheck::SaleNotBelow, $this->hasDearSale(...)),
            $this->where(
                DetailCheck::BelowCost,
                fn (Sku $sku): bool => $this->prices->margin(
                    $sku->cell,
                    $this->sold[$sku->cell->key]->effective(),
                )?->amount()->amount->isNegative() === true,
            ),
            $this->where(DetailCheck::SaleBelowCost, $this->isSoldBelowCostInSale(...)),
            $this->where(
                DetailCheck::NoOrder,
                fn (Sku $sku): bool => OrderLimits::of($least->at($sku->cell), $most->at($sku->cell))->areImpossible(),
            ),
            $stock !== [] && array_filter($stock, fn (?int $units): bool => $units !== 0) === [] ? new DetailFinding(DetailCheck::AllSoldOut) : null,
            $this->book->counting === Counting::None
                ? null
                : $this->where(
                    DetailCheck::NotCounted,
                    fn (Sku $sku): bool => $this->book->of($sku->cell, $sku->stock) === null,
                ),
            $this->where(DetailCheck::NoGtin, fn (Sku $sku): bool => $sku->gtin === null),
            $this->where(
                DetailCheck::RestrictedGtin,
                fn (Sku $sku): bool => $sku->gtin !== null && Gtin::restriction($sku->gtin) !== null,
            ),
            $this->where(DetailCheck::NoWeight, fn (Sku $sku): bool => $sku->weightG === null),
        ];
    }

    private function hasDearSale(Sku $sku): bool
    {
        $sale = $this->prices->sale($sku->cell);
        $price = $this->sold[$sku->cell->key]->effective();

        return $sale !== null && $price !== null && ! $sale->isBelow($price);
    }

    private function isSoldBelowCostInSale(Sku $sku): bool
    {
        $sale = $this->prices->sale($sku->cell);
        $isSale = $sale !== null && $sale->isBelow($this->sold[$sku->cell->key]->effective());

        return $isSale && $this->prices->margin($sku->cell, $sale->price)?->amount()->amount->isNegative() === true;
    }

    /** @param  callable(Sku): bool  $isFound */
    private function where(DetailCheck $check, callable $isFound): ?DetailFinding
    {
        $cells = array_values(array_map(fn (Sku $sku): string => $sku->cell->key, array_filter($this->skus, $isFound)));

        return $cells === [] ? null : new DetailFinding($check, $cells);
    }
}
