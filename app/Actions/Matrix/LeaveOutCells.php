<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Changes\Matrix\PlannedChange;
use Core\Reach\Selection;

/** Leaves the selected cells out of the offer, as rules that later builds keep; or offers them again. */
final class LeaveOutCells
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    public function run(
        Change $change,
        Selection $selected,
        bool $offerAgain,
        MatrixChoices $choices = new MatrixChoices(),
    ): ?HistoryEntry {
        return $this->work->change($change, self::class, $this->wanted($selected, $offerAgain, $choices));
    }

    /**
     * By a rule, such as Gauntlet in size 6, whether there are such cells or not yet.
     *
     * @param  array<int, list<int>>  $values axis id => value ids; an axis it does not name is free
     */
    public function byRule(
        Change $change,
        array $values,
        bool $offerAgain,
        MatrixChoices $choices = new MatrixChoices(),
    ): ?HistoryEntry {
        return $this->work->change($change, self::class, $this->wanted($values, $offerAgain, $choices));
    }

    /** @param  Selection|array<int, list<int>>  $where */
    public function plan(
        LoadedProduct $loaded,
        Selection|array $where,
        bool $offerAgain,
        MatrixChoices $choices = new MatrixChoices(),
    ): PlannedChange {
        return $this->wanted($where, $offerAgain, $choices)->plan($loaded->core, $this->catalog);
    }

    /** @param  Selection|array<int, list<int>>  $where */
    private function wanted(Selection|array $where, bool $offerAgain, MatrixChoices $choices): OfferCells
    {
        return $offerAgain ? OfferCells::again($where, $choices) : OfferCells::leaveOut($where, $choices);
    }
}
