<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\NumberFromRange;
use Core\Reach\Selection;

/** Gives each selected SKU that has no GTIN the next free one of a range. */
final class AllocateGtins
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, Selection $selected, int $rangeId): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new NumberFromRange($selected, $rangeId));
    }
}
