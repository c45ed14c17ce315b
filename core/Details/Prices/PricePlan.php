<?php

declare(strict_types=1);

namespace Core\Details\Prices;

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
    ) {}

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
        foreach (self::alike($prices, $prices, $skus) as $alike) {
            $price = $prices->price($alike[0]->cell, $alike[0]->own);
            $is = $price->effective();
            if ($is === null && $change->isOfWhatIs()) {
                $without += count($alike);

                continue;
            }
            $said = $change->of($is);
            foreach ($alike as $sku) {
                $own[$sku->id] = $said;
            }
            $moves = PriceMove::counted($moves, $is, $said ?? $price->ruled, count($alike));
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
        foreach (self::alike($is, $rule->then, $skus) as $alike) {
            [$cell, $typed] = [$alike[0]->cell, $alike[0]->own];
            $said = null;
            if ($typed !== null) {
                array_push($standing, ...array_fill(0, count($alike), $typed));
                $said = match ($others) {
                    OwnPrices::Stay => $typed,
                    OwnPrices::Go => null,
                    OwnPrices::Change => $rule->change->of($typed),
                };
                foreach ($others === OwnPrices::Stay ? [] : $alike as $sku) {
                    $own[$sku->id] = $said;
                }
            }
            // What is typed is the price, whatever the rule would make.
            $then = $said === null ? $rule->then->price($cell, null) : null;
            if ($then !== null && ($then->isBelowZero || $then->isTooHigh)) {
                throw UnreadablePrice::isNone($rule->then->placeOf($cell), $then->isTooHigh);
            }
            $from = $typed ?? $is->price($cell, null)->effective();
            $moves = PriceMove::counted($moves, $from, $said ?? $then?->effective(), count($alike));
        }

        return new self($own, PriceMove::inOrder(array_values($moves)), 0, $standing);
    }

    /**
     * SKUs whose prices come about in the same way are worked out once.
     *
     * @param  list<PricedSku>  $skus
     * @return list<non-empty-list<PricedSku>> in the order of the first of each
     */
    private static function alike(PriceList $is, PriceList $then, array $skus): array
    {
        $alike = [];
        foreach ($skus as $sku) {
            $alike["{$is->ruleKey($sku->cell)}|{$then->ruleKey($sku->cell)}|{$sku->own?->amount}"][] = $sku;
        }

        return array_values($alike);
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
