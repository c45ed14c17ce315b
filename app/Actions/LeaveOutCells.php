<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\Selection;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Reach\Wording;

/** Leaves the selected cells out of the offer, as rules that later builds keep; or offers them again. */
final class LeaveOutCells
{
    public function __construct(
        private readonly Keeper $keeper,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
    ) {
    }

    public function run(Change $change, string $selected, bool $offerAgain): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected, $offerAgain): string {
            $selection = Selection::read($selected, $loaded);
            $planned = $this->plan($selection, $offerAgain);
            $this->store->store($ledger, $loaded, $planned);
            $where = (new Wording())->say($selection->reach, $loaded->matrix);

            return ($offerAgain ? "Offered {$where} again: " : "Left out {$where}: ").$planned->inWords();
        });
    }

    public function plan(Selection $selection, bool $offerAgain): PlannedChange
    {
        $from = $selection->loaded->matrix;
        if ($selection->isNothing()) {
            throw new Refused('Select the cells first.');
        }
        if ($from->axes === []) {
            throw new Refused('This product has a single SKU and no axis: there is nothing to leave out.');
        }
        $leftOut = $offerAgain
            ? $from->leftOut->subtract($selection->reach, $from)
            : $from->leftOut->union($selection->reach);

        return $this->planner->plan($selection->loaded, new MatrixChange($from, new Matrix($from->axes, $leftOut)));
    }
}
