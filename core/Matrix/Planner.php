<?php

declare(strict_types=1);

namespace Core\Matrix;

/** Decides what a change of the matrix does to each SKU. */
final class Planner
{
    /** @param  list<StandingSku>  $skus all SKUs of the product, retired ones too, in any order */
    public function plan(MatrixChange $change, array $skus): Plan
    {
        usort($skus, fn (StandingSku $a, StandingSku $b): int => $a->id <=> $b->id);
        $shapeKept = $change->added() === [] && $change->dropped() === [];

        /** @var array<string, StandingSku> $claims the SKU that has a cell after the change */
        $claims = [];
        $targets = [];
        foreach ([SkuState::Made, SkuState::Retired] as $state) {
            foreach ($skus as $sku) {
                if ($sku->state === $state) {
                    $target = $shapeKept ? $sku->cell : $change->carry($sku->cell);
                    $targets[$sku->id] = $target;
                    $claims[$target->key] ??= $sku;
                }
            }
        }

        $make = [];
        $keep = [];
        $revive = [];
        $live = [];
        foreach ($change->to->offered() as $cell) {
            $sku = $claims[$cell->key] ?? null;
            if ($sku === null) {
                $make[] = $cell;

                continue;
            }
            $live[$sku->id] = true;
            if ($sku->state === SkuState::Retired) {
                $revive[] = $sku->id;
            } elseif ($sku->cell->key === $cell->key) {
                $keep[] = $sku->id;
            }
        }

        $move = [];
        $retire = [];
        foreach ($skus as $sku) {
            $target = $targets[$sku->id];
            if ($sku->state === SkuState::Made && ! isset($live[$sku->id])) {
                $retire[] = $sku;
            }
            if ($target->key !== $sku->cell->key && $claims[$target->key]->id === $sku->id) {
                $move[] = new Move($sku->id, $sku->cell, $target, $sku->state === SkuState::Made && isset($live[$sku->id]));
            }
        }
        sort($keep);
        sort($revive);

        return new Plan($make, $keep, $move, $revive, $retire, $this->stockMoves($change, $retire, $claims, $live));
    }

    /**
     * @param  list<StandingSku>  $retire
     * @param  array<string, StandingSku>  $claims
     * @param  array<int, true>  $live
     * @return list<StockMove>
     */
    private function stockMoves(MatrixChange $change, array $retire, array $claims, array $live): array
    {
        if (! $change->stockAddsUp || $change->dropped() === []) {
            return [];
        }
        $moves = [];
        foreach ($retire as $sku) {
            $onSurvivor = $sku->cell;
            foreach ($change->dropped() as $axis) {
                $onSurvivor = $onSurvivor->with($axis->id, $change->survivors[$axis->id]);
            }
            $stays = $claims[$change->carry($onSurvivor)->key] ?? null;
            if ($sku->stock > 0 && $stays !== null && $stays->id !== $sku->id && isset($live[$stays->id])) {
                $moves[] = new StockMove($sku->id, $stays->id, $sku->stock);
            }
        }

        return $moves;
    }
}
