<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\WriteSkus;
use Core\Product\SkuField;
use Core\Reach\Selection;

/** Writes the same into a field of all selected SKUs, such as their weight; or takes it away. */
final class SetSkuField
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  string  $typed  nothing for none */
    public function run(Change $change, Selection $selection, SkuField $field, string $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new WriteSkus($selection, $field, $typed));
    }
}
