<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;

/**
 * How the regular price of a SKU comes about: base, the amounts of its values, then their percentages one after
 * another, rounded half up, then the ending.
 */
final readonly class PriceRule
{
    /**
     * @param  ?Money  $base  the product's
     * @param  list<ValueAdjustment>  $adjustments  of its values, in the order of the axes
     */
    public function __construct(
        public Currency $currency,
        public ?Money $base,
        public array $adjustments = [],
        public ?PriceEnding $ending = null,
    ) {}

    /** @param  ?Money  $own  typed for the SKU: it wins */
    public function price(?Money $own): SellingPrice
    {
        $steps = $this->steps();
        $last = $steps === [] ? null : $steps[count($steps) - 1]->amount;
        $isTooHigh = $last !== null && Money::isTooLarge($last);
        $ruled = $last === null || $last->isNegative() || $isTooHigh ? null : Money::of($last, $this->currency);
        if ($own !== null) {
            $steps[] = new PriceStep('own price', '', $own->amount);
        }

        return new SellingPrice($own, $ruled, $steps, $last?->isNegative() === true, $isTooHigh);
    }

    /** @return list<PriceStep> */
    private function steps(): array
    {
        if ($this->base === null) {
            return [];
        }
        $amount = $this->base->amount;
        $steps = [new PriceStep('base', '', $amount)];
        foreach ($this->adjustments as $value) {
            if ($value->adjustment->amount !== null) {
                $amount = $amount->plus($value->adjustment->amount->amount);
                $steps[] = new PriceStep(
                    $value->label,
                    Adjustment::withSign($value->adjustment->amount->amount),
                    $amount,
                );
            }
        }
        foreach ($this->adjustments as $value) {
            if ($value->adjustment->percent !== null) {
                $amount = Adjustment::scaled($amount, $value->adjustment->percent);
                $steps[] = new PriceStep(
                    $value->label,
                    Adjustment::withSign($value->adjustment->percent) . ' %',
                    $amount,
                );
            }
        }
        if ($amount->isNegative()) {
            return $steps;
        }

        return [...$steps, ...$this->rounding($amount)];
    }

    /** @return list<PriceStep> */
    private function rounding(BigDecimal $exact): array
    {
        $steps = [];
        $price = Money::rounded($exact, $this->currency);
        if (!$price->amount->isEqualTo($exact)) {
            $steps[] = new PriceStep('rounded', '', $price->amount);
        }
        $ended = $this->ending?->of($price) ?? $price;
        if (!$ended->equals($price)) {
            $steps[] = new PriceStep("ending {$this->ending?->text()}", '', $ended->amount);
        }

        return $steps;
    }
}
