<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\PlanStore;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Matrix\Axis;
use Core\Matrix\Value;

/** Puts the values of one axis into another order. */
final class ReorderValues
{
    public function __construct(
        private readonly Keeper $keeper,
        private readonly PlanStore $store,
    ) {
    }

    /** @param  list<int>  $valueIds in the new order */
    public function run(Change $change, int $axisId, array $valueIds): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $valueIds): string {
            $axis = $loaded->matrix->axis($axisId);
            $sorted = $valueIds;
            $own = $axis?->valueIds() ?? [];
            sort($sorted);
            sort($own);
            if ($axis === null || $sorted !== $own) {
                throw new Refused('The values of this axis changed meanwhile. Look at the order again.', Kind::Changed);
            }
            $values = array_map(fn (int $id): ?Value => $axis->value($id), $valueIds);
            $axes = array_map(fn (Axis $other): Axis => $other->id === $axisId
                ? $axis->with(array_values(array_filter($values)))
                : $other, $loaded->matrix->axes);
            $this->store->storeShape($ledger, $loaded, $axes);

            return "Reordered {$axis->name}: ".implode(', ', array_map(fn (?Value $value): string => $value->label ?? '', $values));
        });
    }
}
