<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\LoadedProduct;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\ReadAxis;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\Arithmetic;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Matrix\Name;

/** Changes a product's axes and values as typed: the plan of the same answers is shown before it runs. */
final class ChangeMatrix
{
    public function __construct(
        private readonly Keeper $keeper,
        private readonly DraftReader $drafts,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
    ) {
    }

    /**
     * @param  list<DraftAxis>  $axes
     */
    public function run(Change $change, array $axes, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axes, $choices): string {
            $planned = $this->plan($loaded, $this->drafts->readIntoLibrary($axes), $choices);
            $this->store->store($ledger, $loaded, $planned);

            return $this->words($loaded->matrix, $planned);
        });
    }

    /** @param  list<ReadAxis>  $read */
    public function plan(LoadedProduct $loaded, array $read, MatrixChoices $choices): PlannedChange
    {
        $from = $loaded->matrix;
        $axes = array_map(fn (ReadAxis $axis) => $axis->axis, $read);
        $homes = [];
        foreach ($axes as $axis) {
            if ($from->axis($axis->id) === null) {
                $homes[$axis->id] = $this->home($axis, $choices);
            }
        }
        $kept = array_map(fn ($axis): int => $axis->id, $axes);
        $survivors = [];
        foreach ($from->axes as $axis) {
            if (! in_array($axis->id, $kept, true)) {
                $survivors[$axis->id] = $choices->survivors[$axis->id] ?? $axis->values[0]->id;
            }
        }

        return $this->planner->plan($loaded, new MatrixChange(
            $from,
            new Matrix($axes, $from->leftOut),
            array_filter($homes),
            $survivors,
            $choices->stockAddsUp,
        ));
    }

    private function home(\Core\Matrix\Axis $axis, MatrixChoices $choices): ?int
    {
        $wanted = $choices->homes[Name::of($axis->name)->folded] ?? null;
        foreach ($axis->values as $value) {
            if ($wanted !== null && Name::of($value->label)->is(Name::of($wanted))) {
                return $value->id;
            }
        }

        return $axis->values[0]->id ?? null;
    }

    private function words(Matrix $from, PlannedChange $planned): string
    {
        $to = $planned->change->to;
        $parts = [];
        foreach ($to->axes as $axis) {
            $old = $from->axis($axis->id);
            $labels = fn (array $values): string => implode(', ', array_map(fn ($value): string => $value->label, $values));
            $added = array_filter($axis->values, fn ($value): bool => $old === null || ! $old->has($value->id));
            $removed = array_filter($old->values ?? [], fn ($value): bool => ! $axis->has($value->id));
            if ($added !== []) {
                $parts[] = "Added {$axis->name} {$labels($added)}";
            }
            if ($removed !== []) {
                $parts[] = "Removed {$axis->name} {$labels($removed)}";
            }
            if ($added === [] && $removed === [] && $old !== null && $old->valueIds() !== $axis->valueIds()) {
                $parts[] = "Reordered {$axis->name}";
            }
        }
        foreach ($planned->change->dropped() as $axis) {
            $parts[] = "Dropped {$axis->name}";
        }
        if ($parts === []) {
            $parts[] = $from->axisIds() === $to->axisIds() ? 'Built the matrix' : 'Reordered the axes';
        }

        return implode('; ', $parts).': '.$planned->inWords().' ('.Arithmetic::of($to)->inWords().')';
    }
}
