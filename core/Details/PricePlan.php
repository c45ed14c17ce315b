<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Pricing\Money;
use Core\Pricing\OwnPrices;
use Core\Pricing\PriceChange;
use Core\Pricing\UnreadablePrice;

/** What a change of prices does to some SKUs, before it is made: every price once, with how many SKUs have it. */
final readonly class PricePlan
{
    /**
     * @param  array<int, ?Money>  $own  SKU id => its own price from now on, where that is said anew; null where it
     *                                   follows the rule
     * @param  list<PriceMove>  $moves  lowest first
     * @param  int  $without  SKUs that have no price to be changed
     * @param  list<Money>  $standing  own prices that the rule does not reach, as they are
     */
    private function __construct(
        public array $own,
        public array $moves,
        public int $without,
        public array $standing = [],
    ) {
    }

    /**
     * Each SKU gets a price of its own, or is given back to its product.
     *
     * @param  list<PricedSku>  $skus
     *
     * @throws UnreadablePrice
     */
    public static function ofOwn(PriceList $prices, array $skus, PriceChange $change): self
    {
        $own = $moves = [];
        $without = 0;
        foreach ($skus as $sku) {
            $price = $prices->price($sku->cell, $sku->own);
            $is = $price->effective();
            if ($is === null && $change->isOfWhatIs()) {
                $without++;

                continue;
            }
            $own[$sku->id] = $change->of($is);
            $moves = PriceMove::counted($moves, $is, $own[$sku->id] ?? $price->ruled);
        }

        return new self($own, PriceMove::inOrder(array_values($moves)), $without);
    }

    /**
     * The rule that makes their prices changes.
     *
     * @param  list<PricedSku>  $skus  those that the rule is about
     * @param  OwnPrices  $others  what becomes of those that it does not reach
     *
     * @throws UnreadablePrice where a price would come below zero, or beyond what a price can be
     */
    public static function byRule(RuleChange $rule, PriceList $is, array $skus, OwnPrices $others): self
    {
        $own = $moves = $standing = [];
        foreach ($skus as $sku) {
            $typed = $sku->own;
            if ($sku->own !== null) {
                $standing[] = $sku->own;
                $typed = match ($others) {
                    OwnPrices::Stay => $sku->own,
                    OwnPrices::Go => null,
                    OwnPrices::Change => $rule->change->of($sku->own),
                };
                if ($others !== OwnPrices::Stay) {
                    $own[$sku->id] = $typed;
                }
            }
            $then = $rule->then->price($sku->cell, $typed);
            if (! $then->isOwn() && ($then->isBelowZero || $then->isTooHigh)) {
                throw UnreadablePrice::isNone($rule->then->placeOf($sku->cell), $then->isTooHigh);
            }
            $moves = PriceMove::counted($moves, $is->price($sku->cell, $sku->own)->effective(), $then->effective());
        }

        return new self($own, PriceMove::inOrder(array_values($moves)), 0, $standing);
    }

    /**
     * Own prices that are just what the rule makes are let go of; nothing costs anything else afterwards.
     *
     * @param  list<PricedSku>  $skus
     */
    public static function ofNeedless(PriceList $prices, array $skus): self
    {
        $own = $moves = [];
        foreach ($skus as $sku) {
            $price = $prices->price($sku->cell, $sku->own);
            if ($price->isNeedless()) {
                $own[$sku->id] = null;
                $moves = PriceMove::counted($moves, $price->effective(), $price->ruled);
            }
        }

        return new self($own, PriceMove::inOrder(array_values($moves)), 0);
    }
}
