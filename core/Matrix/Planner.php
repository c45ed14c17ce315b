<?php

declare(strict_types=1);

namespace Core\Matrix;

/** Decides what a change of the matrix does to each SKU. */
final class Planner
{
    /** @param  list<StandingSku>  $skus all SKUs of the product, retired ones too, in any order */
    public function plan(MatrixChange $change, array $skus): Plan
    {
        usort($skus, fn (StandingSku $a, StandingSku $b): int => [$a->state === SkuState::Retired, $b->retiredAt, $a->id] <=> [$b->state === SkuState::Retired, $a->retiredAt, $b->id]);
        $collapses = $change->keepsCells() ? [] : $this->collapses($change, $skus);
        [$claims, $targets] = $this->claims($change, $skus, $collapses);

        $make = [];
        $keep = [];
        $revive = [];
        $live = [];
        $likenesses = [];
        foreach ($change->to->offered() as $cell) {
            $sku = $claims[$cell->key] ?? null;
            if ($sku === null) {
                $make[] = $cell;
                $like = $change->likes === [] ? null : $claims[$change->likeOf($cell)->key ?? ''] ?? null;
                if ($like !== null) {
                    $likenesses[$cell->key] = $like->id;
                }

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
            $target = $targets[$sku->id] ?? $sku->cell;
            if ($sku->state === SkuState::Made && ! isset($live[$sku->id])) {
                $retire[] = $sku;
            }
            if ($target->key !== $sku->cell->key && $claims[$target->key]->id === $sku->id) {
                $move[] = new Move($sku->id, $sku->cell, $target, $sku->state === SkuState::Made && isset($live[$sku->id]));
            }
        }
        sort($keep);
        sort($revive);
        usort($move, fn (Move $a, Move $b): int => $a->skuId <=> $b->skuId);
        $collapses = array_values(array_filter($collapses, fn (Collapse $collapse): bool => isset($live[$collapse->stays])));

        return new Plan($make, $keep, $move, $revive, $retire, $change->stockAddsUp ? $this->stockMoves($skus, $collapses) : [], $collapses, $likenesses);
    }

    /**
     * Which SKU has which cell after the change: made ones before retired ones, of the retired the last on offer.
     *
     * @param  list<StandingSku>  $skus
     * @param  array<string, Collapse>  $collapses
     * @return array{array<string, StandingSku>, array<int, Combination>} by cell key; by SKU id where a SKU can go
     */
    private function claims(MatrixChange $change, array $skus, array $collapses): array
    {
        $claims = [];
        $targets = [];
        if ($change->keepsCells()) {
            foreach ($skus as $sku) {
                $claims[$sku->cell->key] ??= $sku;
            }

            return [$claims, $targets];
        }
        $winners = [];
        foreach ($collapses as $collapse) {
            $winners[$collapse->stays] = $collapse->cell;
            foreach ($collapse->goes as $id) {
                $targets[$id] = null;
            }
        }
        foreach ($skus as $sku) {
            if (isset($winners[$sku->id])) {
                $targets[$sku->id] = $winners[$sku->id];
                $claims[$winners[$sku->id]->key] = $sku;
            }
        }
        foreach ($skus as $sku) {
            if (! array_key_exists($sku->id, $targets)) {
                $targets[$sku->id] = $change->carry($sku->cell);
                $claims[$targets[$sku->id]->key] ??= $sku;
            }
        }

        return [$claims, array_filter($targets)];
    }

    /**
     * The cells that several made SKUs come to lie in. Who stays: the one chosen, else the one on the
     * surviving value or on the value that takes over (or the one that comes, if so asked), else the one
     * with the lowest id.
     *
     * @param  list<StandingSku>  $skus
     * @return array<string, Collapse> by cell key
     */
    private function collapses(MatrixChange $change, array $skus): array
    {
        $groups = [];
        $cells = [];
        foreach ($skus as $sku) {
            $landing = $sku->state === SkuState::Made ? $change->landing($sku->cell) : null;
            if ($landing !== null) {
                $groups[$landing->key][] = $sku;
                $cells[$landing->key] = $landing;
            }
        }
        ksort($groups, SORT_STRING);
        $collapses = [];
        foreach ($groups as $key => $group) {
            if (count($group) > 1) {
                $stays = $this->winner($change, $group, (string) $key);
                if ($stays !== null) {
                    $goes = array_values(array_filter($group, fn (StandingSku $sku): bool => $sku !== $stays));
                    $collapses[$key] = new Collapse($cells[$key], $stays->id, array_map(fn (StandingSku $sku): int => $sku->id, $goes));
                }
            }
        }

        return $collapses;
    }

    /** @param  non-empty-list<StandingSku>  $group by id */
    private function winner(MatrixChange $change, array $group, string $key): ?StandingSku
    {
        foreach ($group as $sku) {
            if ($sku->id === ($change->winners[$key] ?? 0)) {
                return $sku;
            }
        }
        $able = array_values(array_filter($group, fn (StandingSku $sku): bool => $change->carry($sku->cell)->key === $key));
        foreach ($able as $sku) {
            if ($change->handsOver($sku->cell) === $change->comersStay) {
                return $sku;
            }
        }

        return $able[0] ?? null;
    }

    /**
     * @param  list<StandingSku>  $skus
     * @param  list<Collapse>  $collapses
     * @return list<StockMove>
     */
    private function stockMoves(array $skus, array $collapses): array
    {
        $stock = [];
        foreach ($skus as $sku) {
            $stock[$sku->id] = $sku->stock;
        }
        $moves = [];
        foreach ($collapses as $collapse) {
            foreach ($collapse->goes as $id) {
                if ($stock[$id] > 0) {
                    $moves[] = new StockMove($id, $collapse->stays, $stock[$id]);
                }
            }
        }

        return $moves;
    }
}
