<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\JoinValues;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\PlannedChange;

/** Merges one value of a product into another of the same axis: SKUs and pictures become the other's. */
final class MergeValues
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    public function run(Change $change, int $goesId, int $staysId, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new JoinValues($goesId, $staysId, $choices));
    }

    public function plan(LoadedProduct $loaded, int $goesId, int $staysId, MatrixChoices $choices): PlannedChange
    {
        return (new JoinValues($goesId, $staysId, $choices))->plan($loaded->core, $this->catalog);
    }
}
