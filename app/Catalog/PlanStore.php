<?php

declare(strict_types=1);

namespace App\Catalog;

use App\History\Ledger;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Illuminate\Support\Facades\DB;

/** Writes a planned change of the matrix: axes, values, SKUs, reaches. */
final class PlanStore
{
    public function store(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $this->storeShape($ledger, $loaded, $planned->change->to->axes);
        $this->storeReaches($ledger, $loaded, $planned);
        $this->storeSkus($ledger, $loaded, $planned);
    }

    /** @param  list<Axis>  $axes */
    public function storeShape(Ledger $ledger, LoadedProduct $loaded, array $axes): void
    {
        $wantedAxes = [];
        $wantedValues = [];
        foreach ($axes as $position => $axis) {
            $wantedAxes[$axis->id] = ['axis_id' => $axis->id, 'position' => $position];
            foreach ($axis->values as $place => $value) {
                $wantedValues[$value->id] = ['axis_id' => $axis->id, 'value_id' => $value->id, 'position' => $place];
            }
        }
        $this->match($ledger, 'product_axes', 'axis_id', $loaded->product->id, $wantedAxes);
        $this->match($ledger, 'product_values', 'value_id', $loaded->product->id, $wantedValues);
    }

    /** @param  array<int, array<string, int>>  $wanted by the identifying column */
    private function match(Ledger $ledger, string $table, string $column, int $productId, array $wanted): void
    {
        $gone = [];
        $moved = [];
        foreach (DB::table($table)->where('product_id', $productId)->get() as $row) {
            $own = $wanted[$row->{$column}] ?? null;
            if ($own === null) {
                $gone[] = $row->id;
            } else {
                $moved[$row->id] = ['position' => $own['position']];
                unset($wanted[$row->{$column}]);
            }
        }
        $ledger->delete($table, $gone);
        $ledger->update($table, $moved);
        $ledger->insertMany($table, $productId, array_values($wanted));
    }

    private function storeReaches(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $change = $planned->change;
        $ledger->update('products', [$loaded->product->id => [
            'left_out' => Clauses::encode($change->to->leftOut),
        ]]);
        $placements = [];
        foreach ($loaded->placements as $row) {
            $placements[$row->id()] = [
                'reach' => Clauses::encode($change->carryReach($row->reach())),
                'hidden' => Clauses::encode($change->carryReach($row->placement->hidden)),
            ];
        }
        $ledger->update('placements', $placements);
    }

    private function storeSkus(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $plan = $planned->plan;
        $updates = [];
        foreach ($plan->move as $move) {
            $updates[$move->skuId]['cell'] = $move->to->key;
        }
        foreach ($plan->revive as $id) {
            $updates[$id]['state'] = SkuState::Made->value;
        }
        foreach ($plan->retire as $sku) {
            $updates[$sku->id]['state'] = SkuState::Retired->value;
        }
        $stock = [];
        foreach ($loaded->skus as $sku) {
            $stock[$sku->id] = $sku->stock;
        }
        foreach ($plan->stockMoves as $move) {
            $stock[$move->fromSkuId] -= $move->units;
            $stock[$move->toSkuId] += $move->units;
            $updates[$move->fromSkuId]['stock'] = $stock[$move->fromSkuId];
            $updates[$move->toSkuId]['stock'] = $stock[$move->toSkuId];
        }
        $ledger->update('skus', $updates);
        $ledger->insertMany('skus', $loaded->product->id, array_map(fn (Combination $cell): array => [
            'cell' => $cell->key,
            'state' => SkuState::Made->value,
            'code' => $planned->codes[$cell->key],
        ], $plan->make));
    }
}
