<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\NumberSkus;
use Core\Reach\Selection;

/** Types the GTIN of one SKU; or takes those of all selected away. */
final class SetGtin
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  string  $typed  nothing: none */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new NumberSkus($selected, $typed));
    }
}
