<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\MatchGalleries;
use Core\Changes\Pictures\MovePicture;
use Core\Changes\Pictures\OrderByShotList;
use Core\Reach\Selection;

/** Orders pictures: one in a gallery, all by the shot list, or all galleries like one. */
final class OrderPhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  int  $to  the place in the gallery of the selection, from 0 */
    public function move(Change $change, int $placementId, Selection $selected, int $to): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new MovePicture($placementId, $selected, $to));
    }

    public function followShotList(Change $change): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new OrderByShotList());
    }

    public function matchTo(Change $change, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new MatchGalleries($selected));
    }
}
