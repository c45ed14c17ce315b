<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use Core\Color\ColorOrder;
use Core\Refusal;
use Core\RefusalKind;

/** Puts the values of an axis into another order in the library; products keep their own order. */
final class OrderLibraryValues
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** Colors by hue, lightness or name; compound ones stand together. */
    public function byColor(Change $change, int $axisId, ColorOrder $order): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $order): string {
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $swatches = $names = [];
            foreach ($axis->values as $value) {
                $swatches[$value->id] = $value->look();
                $names[$value->id] = $value->folded;
            }
            $this->store($ledger, $order->sorted($swatches, $names));

            return "Reordered {$axis->name} in the library {$order->inWords()}";
        });
    }

    /**
     * @param  list<int>  $valueIds in the new order
     *
     * @throws Refusal
     */
    public function run(Change $change, int $axisId, array $valueIds): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $axisId,
            $valueIds,
        ): string {
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $own = $axis->values->modelKeys();
            if (
                array_diff($own, $valueIds) !== [] ||
                array_diff($valueIds, $own) !== [] ||
                count($own) !== count($valueIds)
            ) {
                throw new Refusal(
                    "The values of {$axis->name} changed meanwhile. Look at the order again.",
                    RefusalKind::Changed,
                );
            }
            $this->store($ledger, $valueIds);

            return "Reordered {$axis->name} in the library";
        });
    }

    /** @param  list<int>  $valueIds */
    private function store(Ledger $ledger, array $valueIds): void
    {
        $ledger->update(
            'axis_values',
            array_combine(
                $valueIds,
                array_map(fn(int $place): array => ['position' => $place + 1], array_keys($valueIds)),
            ),
        );
    }
}
