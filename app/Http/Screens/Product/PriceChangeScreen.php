<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Changes\Prices\PriceWish;
use Core\CoreException;
use Core\Details\Prices\PricePlan;
use Core\Details\Prices\RuleChange;
use Core\Pricing\Money;
use Core\Pricing\OwnPrices;
use Core\Pricing\PriceChange;
use Core\Product\ChosenSkus;

/** What a change of the prices of some SKUs does, before it is made, and the ways there are to make it. */
final readonly class PriceChangeScreen
{
    /**
     * @param  ?RuleChange  $rule  what it is where it is made by a rule; null where no rule can say it
     * @param  ?PricePlan  $plan  null where nothing that can be read was typed
     * @param  string  $problem  why not, in words
     */
    private function __construct(
        public ChosenSkus $chosen,
        public PriceWish $wish,
        private ?PriceChange $change = null,
        public ?RuleChange $rule = null,
        public ?PricePlan $plan = null,
        public string $problem = '',
    ) {}

    public static function of(ChosenSkus $chosen, PriceWish $wish): self
    {
        if ($wish->isNothing()) {
            return new self($chosen, $wish);
        }
        $prices = $chosen->prices;
        $rule = null;
        try {
            $change = $wish->change($prices->currency);
            $part = $chosen->pricedPart();
            $rule = $part === null ? null : RuleChange::of($prices, $part, $change);
            $plan =
                $rule === null || $wish->isAsOwn()
                    ? PricePlan::ofOwn($prices, $chosen->pricedSkus(), $change)
                    : PricePlan::byRule($rule, $prices, $chosen->pricedSkus(), $wish->others($change));

            return new self($chosen, $wish, $change, $rule, $plan);
        } catch (CoreException $unreadable) {
            return new self($chosen, $wish, rule: $rule, problem: $unreadable->getMessage());
        }
    }

    /** Whether it is made by a rule as things stand. */
    public function isByRule(): bool
    {
        return $this->rule !== null && !$this->wish->isAsOwn();
    }

    /** "6 SKUs at 49.00–54.00 EUR." */
    public function skusInWords(): string
    {
        $count = count($this->chosen->skus);
        $prices = $this->chosen->pricesInWords();

        return trans_choice('product.skus_at_price', $count, [
            'count' => $count,
            'price' => $prices === '' ? __('product.no_price') : "{$prices} {$this->chosen->prices->currency->code}",
        ]);
    }

    /** What becomes of the rule, in a sentence; empty where it stays. */
    public function ruleInWords(): string
    {
        $words = $this->isByRule() ? (string) $this->rule?->inWords() : '';

        return $words === '' ? '' : __('product.rule_for_later_skus', ['rule' => ucfirst($words)]);
    }

    /** "2 SKUs have prices of their own (60.00–62.00):"; empty where the rule reaches all. */
    public function standingInWords(): string
    {
        $standing = $this->isByRule() ? $this->plan->standing ?? [] : [];

        return $standing === []
            ? ''
            : number_format(count($standing)) .
                    (count($standing) === 1 ? ' SKU has a price of its own' : ' SKUs have prices of their own') .
                    ' (' .
                    Money::range($standing) .
                    '):';
    }

    /** @return list<OwnPrices> what can become of own prices */
    public function standingWays(): array
    {
        return $this->change?->isOfWhatIs() === true
            ? [OwnPrices::Change, OwnPrices::Stay, OwnPrices::Go]
            : [OwnPrices::Go, OwnPrices::Stay];
    }

    /** What becomes of them as things stand. */
    public function standingWay(): ?OwnPrices
    {
        return $this->change === null ? null : $this->wish->others($this->change);
    }

    public function canBeMade(): bool
    {
        return $this->plan !== null && ($this->isByRule() || $this->plan->own !== []);
    }
}
