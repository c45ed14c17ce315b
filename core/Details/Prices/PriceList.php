<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Details\DetailFinder;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\ReachedDetail;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Margin;
use Core\Pricing\Money;
use Core\Pricing\PriceEnding;
use Core\Pricing\PriceRule;
use Core\Pricing\QuantityBreaks;
use Core\Pricing\Sale;
use Core\Pricing\SellingPrice;
use Core\Pricing\ValueAdjustment;

/** All prices of a product: how each SKU's comes about, and what is said beside it. */
final readonly class PriceList
{
    private DetailFinder $endings;

    private DetailFinder $sales;

    private DetailFinder $listPrices;

    private DetailFinder $costs;

    /** @var list<Axis> those with values that change the price */
    private array $axes;

    /** @var list<ValueAdjustment> what values of axes add that sleep, and at which the product stands */
    private array $standing;

    /**
     * @param  ?Money  $base  of every SKU that has none of its own, before its values adjust it
     * @param  array<int, Adjustment>  $adjustments  by value id; those of values that sleep too
     */
    public function __construct(
        public Currency $currency,
        public ?Money $base,
        public array $adjustments,
        private Details $details,
        private Matrix $matrix,
    ) {
        $this->endings = $details->finder(DetailKind::Ending, $matrix);
        $this->sales = $details->finder(DetailKind::Sale, $matrix);
        $this->listPrices = $details->finder(DetailKind::ListPrice, $matrix);
        $this->costs = $details->finder(DetailKind::Cost, $matrix);
        $this->axes =
            $adjustments === []
                ? []
                : array_values(
                    array_filter(
                        $matrix->axes,
                        fn(Axis $axis): bool => array_intersect_key($adjustments, array_flip($axis->valueIds())) !== [],
                    ),
                );
        $standing = [];
        foreach ($this->standingLabels() as $valueId => $label) {
            $standing[] = new ValueAdjustment($label, $adjustments[$valueId]);
        }
        $this->standing = $standing;
    }

    /**
     * What a value added goes on counting while its axis sleeps and the product stands at it.
     *
     * @param  ?Money  $own  typed for the SKU
     */
    public function price(Combination $cell, ?Money $own): SellingPrice
    {
        $adjustments = $this->standing;
        foreach ($this->axes as $axis) {
            $value = $axis->value($cell->value($axis->id) ?? 0);
            $adjustment = $this->adjustments[$value->id ?? 0] ?? null;
            if ($value !== null && $adjustment !== null) {
                $adjustments[] = new ValueAdjustment($value->label, $adjustment);
            }
        }
        $ending = $this->endings->at($cell);

        return (new PriceRule(
            $this->currency,
            $this->base,
            $adjustments,
            $ending === '' ? null : PriceEnding::typed($ending, $this->currency),
        ))->price($own);
    }

    /** The same for cells that the rules make the same price of, so that it is worked out once for all of them. */
    public function ruleKey(Combination $cell): string
    {
        $key = $this->endings->at($cell);
        foreach ($this->axes as $axis) {
            $key .= ',' . ($cell->values[$axis->id] ?? 0);
        }

        return $key;
    }

    /** What was set for a SKU, whether its days have come or not, and whether it is below the regular price or not. */
    public function sale(Combination $cell): ?Sale
    {
        $text = $this->sales->at($cell);

        return $text === '' ? null : Sale::fromText($text, $this->currency);
    }

    /** What it was recommended at, or cost before. */
    public function listPrice(Combination $cell): ?Money
    {
        $text = $this->listPrices->at($cell);

        return $text === '' ? null : Money::of($text, $this->currency);
    }

    public function cost(Combination $cell): ?Money
    {
        $text = $this->costs->at($cell);

        return $text === '' ? null : Money::of($text, $this->currency);
    }

    /** Null where price or cost is unknown. */
    public function margin(Combination $cell, ?Money $price): ?Margin
    {
        $cost = $this->costs->isNone() ? null : $this->cost($cell);

        return $cost === null || $price === null ? null : new Margin($price, $cost);
    }

    public function breaks(): QuantityBreaks
    {
        return QuantityBreaks::fromText($this->details->whole(DetailKind::Breaks), $this->currency);
    }

    /**
     * @param  array<int, Adjustment>  $adjustments  by value id; values that are not named keep theirs
     * @param  ?PriceEnding  $ending  null: as it is
     */
    public function with(?Money $base, array $adjustments, ?PriceEnding $ending): self
    {
        $details = $ending === null ? $this->details : $this->details->withWhole(DetailKind::Ending, $ending->text());

        return new self($this->currency, $base, $adjustments + $this->adjustments, $details, $this->matrix);
    }

    /** The same after a change of the matrix. */
    public function along(MatrixChange $change, Details $carried): self
    {
        $adjustments = CarriedAdjustments::along($change->handover, $this->adjustments);

        return new self($this->currency, $this->base, $adjustments, $carried, $change->to);
    }

    /**
     * Values of axes that sleep, at which the product stands, and which change its prices.
     *
     * @return array<int, string> value id => "Size M"
     */
    public function standingLabels(): array
    {
        $labels = [];
        foreach ($this->matrix->sleeping as $axis) {
            if ($axis->standsAt !== null && isset($this->adjustments[$axis->standsAt])) {
                $labels[$axis->standsAt] = "{$axis->name} {$axis->label}";
            }
        }

        return $labels;
    }

    /** Whether the rules of another list make the same of every cell that both have. */
    public function makesAllLike(self $other): bool
    {
        $endings = fn(self $list): array => array_filter(
            $list->details->all,
            fn(ReachedDetail $detail): bool => $detail->kind === DetailKind::Ending,
        );

        return $this->base == $other->base &&
            $this->adjustments == $other->adjustments &&
            $this->standing == $other->standing &&
            array_values($endings($this)) == array_values($endings($other));
    }

    /** Where a cell lies, in words: "Ink, M". */
    public function placeOf(Combination $cell): string
    {
        return $this->matrix->inWordsOr($cell, 'The product');
    }

    /** What the product calls a value; empty where it does not have it at the moment. */
    public function labelOf(int $valueId): string
    {
        return $this->matrix->axisOf($valueId)?->value($valueId)->label ?? ($this->standingLabels()[$valueId] ?? '');
    }
}
