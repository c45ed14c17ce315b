<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Details\DetailKind;
use Core\Details\Prices\PricePlan;
use Core\Details\Prices\RuleChange;
use Core\Pricing\Money;
use Core\Pricing\OwnPrices;
use Core\Product\ChosenSkus;
use Core\Product\ProductDetails;
use Core\Reach\Selection;

/**
 * Sets, raises, lowers or rounds prices: by their rule where the whole product or exactly one value is selected, so
 * that SKUs that come later follow; else as prices of their own.
 */
final readonly class PriceByRule implements SkuChange
{
    public function __construct(private Selection $selection, private PriceWish $wish) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws PriceToDecide where the person is to be asked first */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $chosen->some();
        $wanted = $this->wish->change($chosen->prices->currency);
        $part = $this->wish->isAsOwn() ? null : $chosen->pricedPart();
        $rule = $part === null ? null : RuleChange::of($chosen->prices, $part, $wanted);
        if ($rule === null) {
            return (new PriceSkus($this->selection, $this->wish->typed, $this->wish->ending))->on($chosen, $catalog);
        }
        $others = $this->wish->others($wanted);
        $plan = PricePlan::byRule($rule, $chosen->prices, $chosen->pricedSkus(), $others);
        if ($this->wish->way === PriceWay::Asking && ($plan->standing !== [] || !$rule->saysWhatIsTyped($plan))) {
            throw new PriceToDecide($chosen);
        }
        $state = $chosen->product->state->withDetails($this->ruled($chosen->product->state->details, $rule));

        return new Changed(
            $state->withSkus(PriceSkus::priced($chosen->skus, $plan)),
            "Price of {$chosen->place()} {$wanted->inWords()}: " .
                ($rule->inWords() ?: 'the rule stays') .
                self::standingInWords($plan, $others),
        );
    }

    private function ruled(ProductDetails $details, RuleChange $rule): ProductDetails
    {
        $priced = $details->pricedBy($rule->then->base, $rule->adjustments + $details->adjustments);

        return $rule->ending === null
            ? $priced
            : $priced->saying($details->details->withWhole(DetailKind::Ending, $rule->ending->text()));
    }

    private static function standingInWords(PricePlan $plan, OwnPrices $others): string
    {
        $count = count($plan->standing);
        if ($count === 0) {
            return '';
        }
        $prices =
            number_format($count) .
            ($count === 1 ? ' own price' : ' own prices') .
            ' (' .
            Money::range($plan->standing) .
            ')';

        return match ($others) {
            OwnPrices::Stay => "; {$prices} kept",
            OwnPrices::Go => "; {$prices} let go of",
            OwnPrices::Change => "; {$prices} changed too",
        };
    }
}
