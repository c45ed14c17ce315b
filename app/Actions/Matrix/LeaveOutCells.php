<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\OfferCells;
use Core\Changes\Matrix\PlannedChange;

/** Leaves the selected cells out of the offer, as rules that later builds keep; or offers them again. */
final class LeaveOutCells
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    public function run(Change $change, OfferCells $wanted): ?HistoryEntry
    {
        return $this->work->change($change, self::class, $wanted);
    }

    public function plan(LoadedProduct $loaded, OfferCells $wanted): PlannedChange
    {
        return $wanted->plan($loaded->core, $this->catalog);
    }
}
