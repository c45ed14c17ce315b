<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use App\Store\Amounts;
use App\Store\Clauses;
use App\Store\DetailRows;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\MatrixChange;
use Core\Matrix\SkuState;
use Core\Product\Sku;
use Core\Reach\Carrying;
use Core\Reach\Reach;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Writes a planned change of the matrix: axes, values, SKUs, reaches. */
final class PlanStore
{
    public function store(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $codes = $planned->codes->settled()->codes;
        $this->storeShape($ledger, $loaded, $planned->change->to->axes);
        $this->storeAxes($ledger, $loaded, $planned->change);
        $this->storeReaches($ledger, $loaded, $planned);
        $this->storeSkus($ledger, $loaded, $planned, $codes);
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
        $rows = fn (string $table): Collection => DB::table($table)->where('product_id', $loaded->product->id)->get();
        $this->match($ledger, 'product_axes', 'axis_id', $loaded->product->id, $rows('product_axes'), $wantedAxes);
        // The values of an axis that sleeps keep their places: they say what it had.
        $values = $rows('product_values')->filter(fn (object $row): bool => isset($wantedAxes[$row->axis_id]));
        $this->match($ledger, 'product_values', 'value_id', $loaded->product->id, $values, $wantedValues);
    }

    /**
     * What is no longer used keeps its row, without a place.
     *
     * @param  Collection<int, stdClass>  $stored
     * @param  array<int, array<string, int>>  $wanted by the identifying column
     */
    private function match(Ledger $ledger, string $table, string $column, int $productId, Collection $stored, array $wanted): void
    {
        $places = [];
        foreach ($stored as $row) {
            $places[$row->id] = ['position' => $wanted[$row->{$column}]['position'] ?? null];
            unset($wanted[$row->{$column}]);
        }
        $ledger->update($table, $places);
        $ledger->insertMany($table, $productId, array_values($wanted));
    }

    /** Where the product stands on axes that sleep; and what shoppers find chosen follows a value that hands over. */
    private function storeAxes(Ledger $ledger, LoadedProduct $loaded, MatrixChange $change): void
    {
        $rows = DB::table('product_axes')->where('product_id', $loaded->product->id)->get()->keyBy('axis_id');
        $updates = [];
        foreach ($rows as $row) {
            $updates[$row->id]['stands_at_value_id'] = $change->to->sleeping[$row->axis_id]->standsAt ?? null;
            $heir = $change->handover->opening($row->axis_id, $row->opening_value_id);
            if ($heir !== null) {
                $updates[$row->id]['opening_value_id'] = null;
                $updates[$rows[$heir->toAxisId]->id]['opening_value_id'] = $heir->toValueId;
            }
        }
        $ledger->update('product_axes', $updates);
    }

    private function storeReaches(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $change = $planned->change;
        $opening = $loaded->product->opening_cell;
        $carrying = Carrying::along($change);
        $ledger->update('products', [$loaded->product->id => [
            'left_out' => Clauses::encode(Reach::leftOutOf($change->to)),
            'opening_cell' => $opening === null ? null : ($change->landing(Combination::fromKey($opening)) ?? Combination::fromKey($opening))->key,
        ]]);
        $placements = [];
        foreach ($loaded->placements as $row) {
            $placements[$row->id()] = [
                'reach' => Clauses::encode($carrying->reach($row->reach())),
                'hidden' => Clauses::encode($carrying->hidden($row->placement->hidden)),
                'roles' => json_encode($planned->rolesOf($row->placement), JSON_THROW_ON_ERROR),
            ];
        }
        $ledger->update('placements', $placements);
        DetailRows::store($ledger, $loaded->product->id, $planned->details);
        DetailRows::storeAdjustments($ledger, $loaded->product->id, $planned->prices->adjustments);
    }

    /** @param  array<string, string>  $codes  cell key => code */
    private function storeSkus(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned, array $codes): void
    {
        $plan = $planned->plan;
        $updates = [];
        foreach ($plan->move as $move) {
            $updates[$move->skuId]['cell'] = $move->to->key;
        }
        foreach ($plan->revive as $id) {
            $updates[$id]['state'] = SkuState::Made->value;
            $updates[$id]['retired_version'] = 0;
        }
        foreach ($plan->retire as $sku) {
            $updates[$sku->id]['state'] = SkuState::Retired->value;
            $updates[$sku->id]['retired_version'] = $loaded->product->version;
        }
        foreach ($plan->firstToReturn as $id) {
            $updates[$id]['retired_version'] = $loaded->product->version;
        }
        $byId = array_column($loaded->skus, null, 'id');
        $stock = array_map(fn (Sku $sku): int => $sku->stock ?? 0, $byId);
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
            'code' => $codes[$cell->key],
            'price' => Amounts::stored($byId[$plan->likenesses[$cell->key] ?? 0]->price ?? null),
            'weight_g' => $byId[$plan->likenesses[$cell->key] ?? 0]->weightG ?? null,
        ], $plan->make));
    }
}
