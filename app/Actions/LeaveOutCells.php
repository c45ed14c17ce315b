<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Closure;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Leaves the selected cells out of the offer, as rules that later builds keep; or offers them again. */
final class LeaveOutCells
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
    ) {
    }

    public function run(Change $change, Selection $selected, bool $offerAgain, MatrixChoices $choices = new MatrixChoices()): ?HistoryEntry
    {
        return $this->keep($change, fn (LoadedProduct $loaded): Reach => $loaded->selected($selected)->cells, $offerAgain, $choices);
    }

    /**
     * By a rule, such as Gauntlet in size 6, whether there are such cells or not yet.
     *
     * @param  array<int, list<int>>  $values axis id => value ids; an axis it does not name is free
     */
    public function byRule(Change $change, array $values, bool $offerAgain, MatrixChoices $choices = new MatrixChoices()): ?HistoryEntry
    {
        return $this->keep($change, fn (LoadedProduct $loaded): Reach => $this->rule($loaded, $values), $offerAgain, $choices);
    }

    /** @param  array<int, list<int>>  $values */
    public function rule(LoadedProduct $loaded, array $values): Reach
    {
        $named = array_filter($values, fn (array $valueIds): bool => $valueIds !== []);

        return $named === [] ? Reach::nothing() : Reach::of(Clause::of($named))->activeIn($loaded->matrix);
    }

    /** @param  Closure(LoadedProduct): Reach  $cells */
    private function keep(Change $change, Closure $cells, bool $offerAgain, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($cells, $offerAgain, $choices): string {
            $reach = $cells($loaded);
            $planned = $this->plan($loaded, $reach, $offerAgain, $choices);
            $this->store->store($ledger, $loaded, $planned);
            $where = (new Wording())->say($reach, $loaded->matrix);

            return ($offerAgain ? "Offered {$where} again: " : "Left out {$where}: ").$planned->inWords();
        });
    }

    public function plan(LoadedProduct $loaded, Reach $cells, bool $offerAgain, MatrixChoices $choices = new MatrixChoices()): PlannedChange
    {
        $from = $loaded->matrix;
        if ($cells->isNothing()) {
            throw new Refusal('Select the cells first.', RefusalKind::Missing, 'selected');
        }
        if ($from->axes === []) {
            throw new Refusal(
                'This product has a single SKU and no axis: there is nothing to leave out.',
                RefusalKind::Impossible,
            );
        }
        $leftOut = $offerAgain ? Reach::leftOutOf($from)->subtract($cells, $from) : Reach::leftOutOf($from)->union($cells);

        return $this->planner->plan($loaded, new MatrixChange($from, new Matrix($from->axes, (new Simplifier())->simplify($leftOut, $from))), $choices);
    }
}
