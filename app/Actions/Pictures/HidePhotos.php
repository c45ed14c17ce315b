<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\HidePictures;
use Core\Reach\Selection;

/** Hides pictures in galleries that they reach, or shows them there again. */
final class HidePhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds
     */
    public function run(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new HidePictures($placementIds, $selected));
    }

    /**
     * Shows pictures where they were hidden.
     *
     * @param  list<int>  $placementIds
     */
    public function showAgain(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new HidePictures($placementIds, $selected, true));
    }
}
