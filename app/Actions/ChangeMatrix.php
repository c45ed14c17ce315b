<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\Fact;
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
use Core\Matrix\Axis;
use Core\Matrix\Likeness;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Matrix\Name;
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
            $planned = $this->plan($loaded, $this->drafts->readIntoLibrary($axes, $loaded->matrix), $choices);
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
        $successions = $this->successions($from, $to, $choices);
        $taken = array_map(fn (Succession $succession): int => $succession->toAxisId, $successions);
        $homes = [];
        foreach ($to->axes as $axis) {
            if ($from->axis($axis->id) === null && ! in_array($axis->id, $taken, true)) {
                $homes[$axis->id] = $this->home($axis, $choices, $loaded->facts);
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
            $this->likes($from, $to, $choices),
            winners: $choices->winners,
        ), $choices->roles);
    }

    /** @return list<Succession> of the axes that others take the place of */
    private function successions(Matrix $from, Matrix $to, MatrixChoices $choices): array
    {
        $successions = [];
        foreach ($choices->exchanges as $axisId => $name) {
            $old = $from->axis($axisId);
            $new = array_values(array_filter($to->axes, fn (Axis $axis): bool => Name::of($axis->name)->folded === $name && $from->axis($axis->id) === null))[0] ?? null;
            if ($old === null || $new === null || $to->axis($axisId) !== null) {
                continue;
            }
            foreach ($old->values as $place => $value) {
                $heir = $this->heir($choices->heirs[$value->id] ?? null, $value, $place, $new);
                if ($heir !== null) {
                    $successions[] = new Succession($old->id, $value->id, $new->id, $heir->id);
                }
            }
        }

        return $successions;
    }

    /** Unsaid, the value of the same name takes over, else the one in the same place. */
    private function heir(?string $chosen, Value $value, int $place, Axis $new): ?Value
    {
        return $chosen === null
            ? $this->named($new, Name::of($value->label)->folded) ?? $new->values[$place] ?? null
            : $this->named($new, $chosen);
    }

    private function named(Axis $axis, string $folded): ?Value
    {
        foreach ($axis->values as $value) {
            if (Name::of($value->label)->folded === $folded) {
                return $value;
            }
        }

        return null;
    }

    /** @return list<Likeness> */
    private function likes(Matrix $from, Matrix $to, MatrixChoices $choices): array
    {
        $likes = [];
        foreach ($to->axes as $axis) {
            $old = $from->axis($axis->id);
            foreach ($old === null ? [] : $choices->likes[Name::of($axis->name)->folded] ?? [] as $folded => $label) {
                $new = $this->named($axis, (string) $folded);
                $like = $this->named($axis, Name::of($label)->folded);
                if ($new !== null && $like !== null && ! $old->has($new->id) && $old->has($like->id)) {
                    $likes[] = new Likeness($axis->id, $new->id, $like->id);
                }
            }
        }

        return $likes;
    }

    /** @param  list<Fact>  $facts */
    private function home(Axis $axis, MatrixChoices $choices, array $facts): ?int
    {
        $wanted = $choices->homes[Name::of($axis->name)->folded] ?? Fact::named($facts, $axis->name)?->value;

        return ($wanted === null ? null : $this->named($axis, Name::of($wanted)->folded))->id ?? $axis->values[0]->id ?? null;
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
