<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\SetUpAxes;

/** Changes a product's axes and values as typed: the plan of the same answers is shown before it runs. */
final class ChangeMatrix
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<DraftAxis>  $axes */
    public function run(Change $change, array $axes, MatrixChoices $choices): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SetUpAxes($axes, $choices));
    }
}
