<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\LinkPictures;
use Core\Reach\Selection;

/** Links pictures to a part of a product. */
final class LinkPhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds
     */
    public function run(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new LinkPictures($placementIds, $selected));
    }

    /**
     * Links them there, and takes them away everywhere else.
     *
     * @param  list<int>  $placementIds
     */
    public function onlyThere(Change $change, array $placementIds, Selection $selected): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new LinkPictures($placementIds, $selected, true));
    }
}
