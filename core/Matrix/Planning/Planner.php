<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;
use Core\Matrix\SkuState;

/**
 * Decides what a change of the matrix does to each SKU.
 *
 * SKUs that come to lie in one cell are settled first: one stays, on offer or retired, and the others keep their
 * combination, so that they can come back with the value or axis that is theirs. Then every cell on offer takes the
 * SKU that claims it: one on offer before retired ones, of the retired the last on offer; but before any that would
 * give up a value of its own for it, the one that it belongs to.
 */
final class Planner
{
    /** @param  list<StandingSku>  $skus all SKUs of the product, retired ones too, in any order */
    public function plan(MatrixChange $change, array $skus): Plan
    {
        $landings = $change->keepsCells() ? [] : $this->landings($change, $skus);
        $skus = $this->inOrder($change, $skus, $landings);
        $collapses = $this->collapses($change, $skus, $landings);
        $claims = $this->claims($change, $skus, $landings, $collapses);

        $make = [];
        $keep = [];
        $revive = [];
        $live = [];
        $likenesses = [];
        foreach ($change->to->offered() as $cell) {
            $sku = $claims[$cell->key] ?? null;
            if ($sku === null) {
                $make[] = $cell;
                $like = $change->likes === [] ? null : $claims[$change->handover->likeOf($cell)->key ?? ''] ?? null;
                if ($like !== null) {
                    $likenesses[$cell->key] = $like->id;
                }

                continue;
            }
            $live[$sku->id] = true;
            if ($sku->state === SkuState::Retired) {
                $revive[] = $sku->id;
            } elseif ($change->from->place($sku->cell)?->key === $cell->key) {
                $keep[] = $sku->id;
            }
        }
        $retire = array_values(
            array_filter(
                $skus,
                fn(StandingSku $sku): bool => $sku->state === SkuState::Made && !isset($live[$sku->id]),
            ),
        );
        sort($keep);
        sort($revive);

        return new Plan(
            $make,
            $keep,
            $this->moves($change, $skus, $claims, $landings, $live),
            $revive,
            $retire,
            $change->stockAddsUp ? $this->stockMoves($skus, $collapses) : [],
            array_values($collapses),
            $likenesses,
            $this->firstToReturn($skus, $collapses, $live),
        );
    }

    /**
     * Those that keep their own values first, of these those on offer, of the retired the last on offer, of these the
     * one on the values that stay.
     *
     * @param  list<StandingSku>  $skus
     * @param  array<int, Combination>  $landings
     * @return list<StandingSku>
     */
    private function inOrder(MatrixChange $change, array $skus, array $landings): array
    {
        $rank = fn(StandingSku $sku): array => [
            $change->leavesItsOwn($sku->cell, $landings[$sku->id] ?? $sku->cell),
            $sku->state === SkuState::Retired,
            -$sku->retiredAt,
            !$change->isOnSurvivors($sku->cell),
            $sku->id,
        ];
        usort($skus, fn(StandingSku $a, StandingSku $b): int => $rank($a) <=> $rank($b));

        return $skus;
    }

    /**
     * @param  list<StandingSku>  $skus
     * @return array<int, Combination> SKU id => the combination it would have, where it has one
     */
    private function landings(MatrixChange $change, array $skus): array
    {
        $landings = [];
        foreach ($skus as $sku) {
            $landing = $change->landing($sku->cell, $sku->state === SkuState::Made);
            if ($landing !== null) {
                $landings[$sku->id] = $landing;
            }
        }

        return $landings;
    }

    /**
     * The cells that several SKUs come to lie in which lay apart before.
     *
     * @param  list<StandingSku>  $skus  in order
     * @param  array<int, Combination>  $landings
     * @return array<string, Collapse> by cell key
     */
    private function collapses(MatrixChange $change, array $skus, array $landings): array
    {
        $groups = [];
        $cells = [];
        foreach ($skus as $sku) {
            $cell = isset($landings[$sku->id]) ? $change->to->place($landings[$sku->id]) : null;
            if ($cell !== null) {
                $groups[$cell->key][$change->from->place($sku->cell)->key ?? 'nowhere'][] = $sku;
                $cells[$cell->key] = $cell;
            }
        }
        ksort($groups, SORT_STRING);
        $collapses = [];
        foreach ($groups as $key => $apart) {
            if (count($apart) > 1) {
                // Of those that lay in one cell before, the first in order stands for it.
                $group = array_map(fn(array $together): StandingSku => $together[0], array_values($apart));
                $stays = $this->winner($change, $group, (string) $key);
                $goes = array_values(array_filter($group, fn(StandingSku $sku): bool => $sku !== $stays));
                $collapses[$key] = new Collapse(
                    $cells[$key],
                    $stays->id,
                    array_map(fn(StandingSku $sku): int => $sku->id, $goes),
                );
            }
        }

        return $collapses;
    }

    /**
     * The one chosen; else one on offer before a retired one; of these one that lies on the values that stay; then one
     * whose value does not hand over (or does, if the ones that come are to stay).
     *
     * @param  non-empty-list<StandingSku>  $group  in order
     */
    private function winner(MatrixChange $change, array $group, string $key): StandingSku
    {
        foreach ($group as $sku) {
            if ($sku->id === ($change->winners[$key] ?? 0)) {
                return $sku;
            }
        }
        $rank = fn(StandingSku $sku): array => [
            $sku->state === SkuState::Retired,
            !$change->isOnSurvivors($sku->cell),
            $change->handover->concerns($sku->cell) !== $change->comersStay,
            -$sku->retiredAt,
            $sku->id,
        ];
        usort($group, fn(StandingSku $a, StandingSku $b): int => $rank($a) <=> $rank($b));

        return $group[0];
    }

    /**
     * Which SKU has which cell after the change.
     *
     * @param  list<StandingSku>  $skus  in order
     * @param  array<int, Combination>  $landings
     * @param  array<string, Collapse>  $collapses
     * @return array<string, StandingSku> by cell key
     */
    private function claims(MatrixChange $change, array $skus, array $landings, array $collapses): array
    {
        $claims = [];
        $settled = [];
        $byId = [];
        foreach ($collapses as $key => $collapse) {
            $settled[$collapse->stays] = $key;
            $settled += array_fill_keys($collapse->goes, null);
        }
        foreach ($skus as $sku) {
            $byId[$sku->id] = $sku;
        }
        foreach ($collapses as $key => $collapse) {
            $claims[$key] = $byId[$collapse->stays];
        }
        $keepsCells = $change->keepsCells();
        foreach ($skus as $sku) {
            if (!array_key_exists($sku->id, $settled)) {
                $combination = $keepsCells ? $sku->cell : $landings[$sku->id] ?? null;
                $cell = $combination === null ? null : $change->to->place($combination);
                if ($cell !== null) {
                    $claims[$cell->key] ??= $sku;
                }
            }
        }

        return $claims;
    }

    /**
     * SKUs that claim a cell and get another combination for it; and those that claim none, which get the home values
     * of axes that are added, so that they find their cell again.
     *
     * @param  list<StandingSku>  $skus
     * @param  array<string, StandingSku>  $claims
     * @param  array<int, Combination>  $landings
     * @param  array<int, true>  $live
     * @return list<Move> by SKU id
     */
    private function moves(MatrixChange $change, array $skus, array $claims, array $landings, array $live): array
    {
        $moves = [];
        foreach ($claims as $key => $sku) {
            $landing = $landings[$sku->id] ?? $sku->cell;
            $isElsewhere = $change->from->place($sku->cell)?->key !== (string) $key;
            if ($landing->key !== $sku->cell->key || ($isElsewhere && $sku->state === SkuState::Made)) {
                $moves[] = new Move(
                    $sku->id,
                    $sku->cell,
                    $landing,
                    $isElsewhere && $sku->state === SkuState::Made && isset($live[$sku->id]),
                );
            }
        }
        if ($change->homes !== []) {
            $claiming = array_column($claims, 'id', 'id');
            foreach ($skus as $sku) {
                $atHome = $change->atHome($sku->cell);
                if (!isset($claiming[$sku->id]) && $atHome->key !== $sku->cell->key) {
                    $moves[] = new Move($sku->id, $sku->cell, $atHome, false);
                }
            }
        }
        usort($moves, fn(Move $a, Move $b): int => $a->skuId <=> $b->skuId);

        return $moves;
    }

    /**
     * Of retired SKUs that come to lie in one cell, the one that stays is the first to return from now on.
     *
     * @param  list<StandingSku>  $skus
     * @param  array<string, Collapse>  $collapses
     * @param  array<int, true>  $live
     * @return list<int>
     */
    private function firstToReturn(array $skus, array $collapses, array $live): array
    {
        $stay = array_map(fn(Collapse $collapse): int => $collapse->stays, array_values($collapses));
        $retired = array_filter(
            $skus,
            fn(StandingSku $sku): bool => $sku->state === SkuState::Retired &&
                !isset($live[$sku->id]) &&
                in_array($sku->id, $stay, true),
        );
        $ids = array_map(fn(StandingSku $sku): int => $sku->id, array_values($retired));
        sort($ids);

        return $ids;
    }

    /**
     * @param  list<StandingSku>  $skus
     * @param  array<string, Collapse>  $collapses
     * @return list<StockMove>
     */
    private function stockMoves(array $skus, array $collapses): array
    {
        $stock = [];
        foreach ($skus as $sku) {
            $stock[$sku->id] = $sku->stock ?? 0;
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
