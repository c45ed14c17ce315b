<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\CodeSku;
use Core\Reach\Selection;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final class SetCode
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new CodeSku($selected, $typed));
    }
}
