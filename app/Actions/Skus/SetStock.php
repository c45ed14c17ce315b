<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Batches\SameForEach;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\SkuChange;
use Core\Changes\Skus\CountSkus;
use Core\Reach\Selection;
use Core\Stock\StockChange;

/**
 * Sets, adds to or takes from the units that the selected SKUs are sold from, or says that nobody counts them. Where
 * several SKUs are sold from the same units, these are changed once.
 */
final class SetStock implements SameForEach
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  string  $typed  "12", "+5", "-3", or nothing where the units are not counted */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new CountSkus($selected, $typed));
    }

    public function inWords(array $wanted): string
    {
        return 'Stock of every SKU ' . StockChange::typed((string) ($wanted['value'] ?? ''))->inWords();
    }

    public function change(Selection $where, array $wanted): SkuChange
    {
        return new CountSkus($where, (string) ($wanted['value'] ?? ''));
    }
}
