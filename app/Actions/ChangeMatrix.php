<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\SetupPlanner;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\FactRows;
use Core\Details\Fact;
use Core\Matrix\Arithmetic;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
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
        private readonly UnitOfWork $work,
        private readonly DraftReader $drafts,
        private readonly SetupPlanner $planner,
        private readonly PlanStore $store,
        private readonly FactRows $facts,
    ) {
    }

    /**
     * @param  list<DraftAxis>  $axes
     */
    public function run(Change $change, array $axes, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axes, $choices): string {
            $planned = $this->planner->plan($loaded, $this->drafts->readIntoLibrary($ledger, $axes, $loaded), $choices);
            $this->store->store($ledger, $loaded, $planned);
            $this->storeFacts($ledger, $loaded, $planned->change, $choices);

            return $this->words($loaded->matrix, $planned);
        });
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
                $value = $axis->value($change->survivors[$axis->id])->label ?? '';
                $this->facts->write($ledger, $loaded->product->id, $loaded->facts, new Fact(0, $axis->name, $value));
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
