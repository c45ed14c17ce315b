<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Values\OrderValues;
use Core\Color\ColorOrder;

/** Puts the values of an axis into another order. */
final class ReorderValues
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** Colors by hue, lightness or name; compound ones stand together. */
    public function byColor(Change $change, int $axisId, ColorOrder $order): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new OrderValues($axisId, $order));
    }

    /** @param  list<int>  $valueIds  in the new order */
    public function run(Change $change, int $axisId, array $valueIds): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new OrderValues($axisId, $valueIds));
    }
}
