<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\UnlinkPictures;
use Core\Reach\Selection;

/** Unlinks pictures from a part of a product, or sends them back to the tray. */
final class UnlinkPhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds
     */
    public function run(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new UnlinkPictures($placementIds, $selected));
    }

    /**
     * Unlinks them from all that they are linked to.
     *
     * @param  list<int>  $placementIds
     */
    public function everywhere(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new UnlinkPictures($placementIds, $selected, true));
    }
}
