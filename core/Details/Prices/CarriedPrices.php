<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;

/** What a change of the matrix does to prices, which its plan names. */
final class CarriedPrices
{
    /**
     * What a cell cost before is what the SKU cost that lay there; of a cell that was not there, the SKU that comes to
     * lie in it.
     *
     * @param  list<PricedSku>  $skus  on offer before the change, each with its values on axes that sleep too
     * @return list<PriceMove> those that change, lowest first
     */
    public static function moves(MatrixChange $change, Plan $plan, PriceList $is, PriceList $then, array $skus): array
    {
        $lay = [];
        foreach ($skus as $sku) {
            $lay[($change->from->place($sku->cell) ?? $sku->cell)->key] = $sku;
        }
        $landed = array_column($plan->move, 'to', 'skuId');
        $goes = array_flip(array_column($plan->retire, 'id'));
        $isSameRule = $is->makesAllLike($then);
        $moves = [];
        foreach ($skus as $sku) {
            $lies = $change->from->place($sku->cell) ?? $sku->cell;
            $cell = $change->to->place($landed[$sku->id] ?? $sku->cell);
            if ($cell === null || isset($goes[$sku->id]) || ($isSameRule && $cell->key === $lies->key)) {
                continue;
            }
            $before = $lay[$cell->key] ?? $sku;
            $was = $is->price($change->from->place($before->cell) ?? $before->cell, $before->own)->effective();
            $becomes = $then->price($cell, $sku->own)->effective();
            if (!(new PriceMove($was, $becomes, 1))->isSame()) {
                $moves = PriceMove::counted($moves, $was, $becomes);
            }
        }

        return PriceMove::inOrder(array_values($moves));
    }
}
