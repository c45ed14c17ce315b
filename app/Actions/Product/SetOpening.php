<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Values\OpenWithSku;
use Core\Changes\Values\OpenWithValue;
use Core\Reach\Selection;

/** Says what shoppers see first: a SKU, or a value of an axis. */
final class SetOpening
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  ?Selection  $selected  the SKU; null leaves it to the first in stock */
    public function sku(Change $change, ?Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new OpenWithSku($selected));
    }

    /** @param  ?int  $valueId  null: the shopper chooses */
    public function value(Change $change, int $axisId, ?int $valueId): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new OpenWithValue($axisId, $valueId));
    }
}
