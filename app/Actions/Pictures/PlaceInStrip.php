<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\PlaceInGallery;
use Core\Reach\Selection;

/** Links a picture of one strip of the contact sheet to another, at a place in it; there as well, or instead. */
final class PlaceInStrip
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  int  $place  among the pictures of the other part, from 0; past the end is the end */
    public function run(
        Change $change,
        int $placementId,
        Selection $from,
        Selection $onto,
        int $place,
        bool $instead,
    ): ?HistoryEntry {
        return $this->work->change(
            $change,
            self::class,
            new PlaceInGallery($placementId, $from, $onto, $place, $instead),
        );
    }
}
