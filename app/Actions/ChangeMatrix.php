<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\DraftValue;
use App\Catalog\Fact;
use App\Catalog\FactRows;
use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\ReadAxis;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\Arithmetic;
use Core\Matrix\Axis;
use Core\Matrix\Likeness;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Matrix\Succession;
use Core\Matrix\Value;

/**
 * Changes a product's axes and values as typed: the plan of the same answers is shown before it runs.
 * A fact of an added axis's name becomes the axis; a dropped axis can stay as a fact.
 */
final class ChangeMatrix
{
    /** More values than this are counted in the history, not named. */
    private const NAMED = 8;

    public function __construct(
        private readonly Keeper $keeper,
        private readonly DraftReader $drafts,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
        private readonly FactRows $facts,
    ) {
    }

    /**
     * @param  list<DraftAxis>  $axes
     */
    public function run(Change $change, array $axes, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axes, $choices): string {
            $planned = $this->plan($loaded, $this->drafts->readIntoLibrary($ledger, $axes, $loaded), $choices);
            $this->store->store($ledger, $loaded, $planned);
            $this->storeFacts($ledger, $loaded, $planned->change, $choices);

            return $this->words($loaded->matrix, $planned);
        });
    }

    /** @param  list<ReadAxis>  $read */
    public function plan(LoadedProduct $loaded, array $read, MatrixChoices $choices): PlannedChange
    {
        $from = $loaded->matrix;
        $to = new Matrix(array_map(fn (ReadAxis $axis): Axis => $axis->axis, $read), $from->leftOut);
        $rows = [];
        foreach ($read as $axis) {
            $rows[$axis->axis->id] = $axis->draft->key;
        }
        $successions = $this->successions($from, $to, $rows, $choices);
        $taken = array_map(fn (Succession $succession): int => $succession->toAxisId, $successions);
        $homes = [];
        foreach ($to->axes as $axis) {
            if ($from->axis($axis->id) === null && ! in_array($axis->id, $taken, true)) {
                $homes[$axis->id] = $this->home($loaded, $axis, $choices->homes[$rows[$axis->id]] ?? null);
            }
        }
        $exchanged = array_map(fn (Succession $succession): int => $succession->axisId, $successions);
        $survivors = [];
        foreach ($from->axes as $axis) {
            if ($to->axis($axis->id) === null && ! in_array($axis->id, $exchanged, true)) {
                $survivors[$axis->id] = $choices->survivors[$axis->id] ?? $axis->values[0]->id;
            }
        }

        return $this->planner->plan($loaded, new MatrixChange(
            $from,
            $to,
            array_filter($homes),
            $survivors,
            $choices->stockAddsUp,
            $successions,
            $this->likes($from, $to, $rows, $choices),
            winners: $choices->winners,
        ), $choices);
    }

    /**
     * @param  array<int, string>  $rows  axis id => key of its row in the form
     * @return list<Succession> of the axes that others take the place of
     */
    private function successions(Matrix $from, Matrix $to, array $rows, MatrixChoices $choices): array
    {
        $successions = [];
        foreach ($choices->exchanges as $axisId => $row) {
            $old = $from->axis($axisId);
            $newId = array_search($row, $rows, true);
            $new = $newId === false || $from->axis($newId) !== null ? null : $to->axis($newId);
            if ($old === null || $new === null || $to->axis($axisId) !== null) {
                continue;
            }
            foreach ($old->values as $place => $value) {
                // Unsaid, the value of the same name takes over, else the one in the same place.
                $heir = array_key_exists($value->id, $choices->heirs)
                    ? $choices->heirs[$value->id]?->among($new->values)
                    : DraftValue::called($value->label)->among($new->values) ?? $new->values[$place] ?? null;
                if ($heir !== null) {
                    $successions[] = new Succession($old->id, $value->id, $new->id, $heir->id);
                }
            }
        }

        return $successions;
    }

    /**
     * @param  array<int, string>  $rows  axis id => key of its row in the form
     * @return list<Likeness>
     */
    private function likes(Matrix $from, Matrix $to, array $rows, MatrixChoices $choices): array
    {
        $likes = [];
        foreach ($to->axes as $axis) {
            $old = $from->axis($axis->id);
            foreach ($choices->likes[$rows[$axis->id]] ?? [] as $choice) {
                $new = $choice->value->among($axis->values);
                if ($new !== null && $old !== null && ! $old->has($new->id) && $old->has($choice->likeId) && $axis->has($choice->likeId)) {
                    $likes[] = new Likeness($axis->id, $new->id, $choice->likeId);
                }
            }
        }

        return $likes;
    }

    /** The value chosen; else the one that a fact of that name says, or that the product stood at while the axis slept; else the first. */
    private function home(LoadedProduct $loaded, Axis $axis, ?DraftValue $chosen): ?int
    {
        $fact = Fact::named($loaded->facts, $axis->name);
        $stood = $loaded->matrix->sleeping[$axis->id]->standsAt ?? null;
        $wanted = $chosen ?? match (true) {
            $fact !== null => DraftValue::called($fact->value),
            $stood !== null => DraftValue::existing($stood),
            default => null,
        };

        return ($wanted?->among($axis->values) ?? $axis->values[0] ?? null)?->id;
    }

    private function storeFacts(Ledger $ledger, LoadedProduct $loaded, MatrixChange $change, MatrixChoices $choices): void
    {
        foreach ($change->added() as $axis) {
            $fact = Fact::named($loaded->facts, $axis->name);
            if ($fact !== null) {
                $ledger->delete('facts', [$fact->id]);
            }
        }
        foreach ($change->dropped() as $axis) {
            if (in_array($axis->id, $choices->asFacts, true) && ! $change->isExchanged($axis->id)) {
                $this->facts->write($ledger, $loaded, $axis->name, $axis->value($change->survivors[$axis->id])->label ?? '');
            }
        }
    }

    private function words(Matrix $from, PlannedChange $planned): string
    {
        $change = $planned->change;
        $parts = [];
        foreach ($change->to->axes as $axis) {
            $old = $from->axis($axis->id);
            $labels = function (array $values): string {
                $named = array_map(fn (Value $value): string => $value->label, array_slice($values, 0, self::NAMED));

                return implode(', ', $named).(count($values) > self::NAMED ? ' and '.(count($values) - self::NAMED).' more' : '');
            };
            $added = array_filter($axis->values, fn (Value $value): bool => $old === null || ! $old->has($value->id));
            $removed = array_filter($old->values ?? [], fn (Value $value): bool => ! $axis->has($value->id));
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
        foreach ($change->dropped() as $axis) {
            $parts[] = $change->isExchanged($axis->id) ? "in the place of {$axis->name}" : "Dropped {$axis->name}";
        }
        if ($parts === []) {
            $parts[] = $from->axisIds() === $change->to->axisIds() ? 'Built the matrix' : 'Reordered the axes';
        }

        return implode('; ', $parts).': '.$planned->inWords().' ('.Arithmetic::of($change->to)->inWords().')';
    }
}
