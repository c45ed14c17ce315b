<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\ProductAxis;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\MatrixChange;
use Core\Matrix\Succession;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;

/** Merges one value of a product into another of the same axis: SKUs and pictures become the other's. */
final class MergeValues
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
    ) {
    }

    public function run(Change $change, int $goesId, int $staysId, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($goesId, $staysId, $choices): string {
            $planned = $this->plan($loaded, $goesId, $staysId, $choices);
            $this->store->store($ledger, $loaded, $planned);
            $axis = ProductAxis::having($loaded, $goesId);

            return "Merged {$axis->name} {$axis->value($goesId)?->label} into {$axis->value($staysId)?->label}: {$planned->inWords()}";
        });
    }

    public function plan(LoadedProduct $loaded, int $goesId, int $staysId, MatrixChoices $choices): PlannedChange
    {
        $axis = ProductAxis::having($loaded, $goesId);
        if ($goesId === $staysId || ! $axis->has($staysId)) {
            throw new Refusal(
                "Choose another value of {$axis->name} to merge {$axis->value($goesId)?->label} into.",
                RefusalKind::Missing,
                'onto',
            );
        }
        $rest = array_values(array_filter($axis->values, fn (Value $value): bool => $value->id !== $goesId));

        return $this->planner->plan($loaded, new MatrixChange(
            $loaded->matrix,
            $loaded->matrix->withAxis($axis->with($rest)),
            stockAddsUp: $choices->stockAddsUp,
            successions: [Succession::within($axis->id, $goesId, $staysId)],
            comersStay: $choices->comersStay,
            winners: $choices->winners,
        ), $choices);
    }
}
