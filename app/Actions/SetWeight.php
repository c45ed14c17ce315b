<?php

declare(strict_types=1);

namespace App\Actions;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\WeighSkus;
use Core\Reach\Selection;

/** Sets the weight of all selected SKUs, each the same; or says that nobody has weighed them. */
final class SetWeight
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  string  $typed  in any unit, grams where none is typed; nothing where nobody has weighed them */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new WeighSkus($selected, $typed));
    }
}
