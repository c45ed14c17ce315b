<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\RemovePictures;

/** Takes pictures out of a product that are in its tray. */
final class RemovePhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new RemovePictures($placementIds));
    }
}
