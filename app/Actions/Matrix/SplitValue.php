<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\DivideValue;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\PlannedChange;
use Core\Changes\Matrix\ReadAxis;

/** Splits one value into several: what there is goes to the first part, the others are made like it. */
final class SplitValue
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    /** @param  string  $parts  as typed, the first part first */
    public function run(
        Change $change,
        int $valueId,
        string $parts,
        bool $picturesForAll,
        MatrixChoices $choices = new MatrixChoices(),
    ): ?HistoryEntry {
        $wanted = new DivideValue($valueId, $parts, $picturesForAll, $choices);

        return $this->work->change($change, self::class, $wanted);
    }

    /** The parts, held against the library. */
    public function read(LoadedProduct $loaded, int $valueId, string $parts): ReadAxis
    {
        return (new DivideValue($valueId, $parts))->read($loaded->core, $this->catalog);
    }

    public function plan(
        LoadedProduct $loaded,
        int $valueId,
        string $parts,
        bool $picturesForAll,
        MatrixChoices $choices = new MatrixChoices(),
    ): PlannedChange {
        return (new DivideValue($valueId, $parts, $picturesForAll, $choices))->plan($loaded->core, $this->catalog);
    }
}
