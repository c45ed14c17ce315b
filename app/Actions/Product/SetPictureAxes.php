<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\DifferInPictures;

/** Says by which axes the pictures of a product differ. */
final class SetPictureAxes
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $axisIds */
    public function run(Change $change, array $axisIds): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new DifferInPictures($axisIds));
    }
}
