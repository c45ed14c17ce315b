<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\PlanStore;
use App\Catalog\ProductAxis;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Color\ColorOrder;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Puts the values of one axis into another order. */
final class ReorderValues
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly PlanStore $store,
    ) {
    }

    /** Colors by hue, lightness or name; compound ones stand together. */
    public function byColor(Change $change, int $axisId, ColorOrder $order): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $order): string {
            $axis = ProductAxis::of($loaded, $axisId);
            $swatches = $names = [];
            foreach ($axis->values as $value) {
                $swatches[$value->id] = $loaded->swatches->of($value->id);
                $names[$value->id] = Name::of($value->label)->folded;
            }

            return $this->store($ledger, $loaded, $axis, $order->sorted($swatches, $names)).", {$order->inWords()}";
        });
    }

    /** @param  list<int>  $valueIds in the new order */
    public function run(Change $change, int $axisId, array $valueIds): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $valueIds): string {
            $axis = $loaded->matrix->axis($axisId);
            $sorted = $valueIds;
            $own = $axis?->valueIds() ?? [];
            sort($sorted);
            sort($own);
            if ($axis === null || $sorted !== $own) {
                throw new Refusal('The values of this axis changed meanwhile. Look at the order again.', RefusalKind::Changed);
            }

            return $this->store($ledger, $loaded, $axis, $valueIds);
        });
    }

    /** @param  list<int>  $valueIds  all of the axis */
    private function store(Ledger $ledger, LoadedProduct $loaded, Axis $axis, array $valueIds): string
    {
        $values = array_values(array_filter(array_map(fn (int $id): ?Value => $axis->value($id), $valueIds)));
        $this->store->storeShape($ledger, $loaded, array_map(fn (Axis $other): Axis => $other->id === $axis->id ? $axis->with($values) : $other, $loaded->matrix->axes));

        return "Reordered {$axis->name}: ".implode(', ', array_map(fn (Value $value): string => $value->label, $values));
    }
}
