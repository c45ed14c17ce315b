<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Values\ShowAxisAs;
use Core\Matrix\AxisDisplay;

/** Says how shoppers choose from an axis of a product. */
final class SetDisplay
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  ?AxisDisplay  $display  null as the library says */
    public function run(Change $change, int $axisId, ?AxisDisplay $display): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new ShowAxisAs($axisId, $display));
    }
}
