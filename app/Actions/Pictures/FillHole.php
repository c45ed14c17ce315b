<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\FillWithPictures;
use Core\Gallery\View;
use Core\Reach\Selection;

/** Links pictures to a part of a product that lacks a view, and says that they show it. */
final class FillHole
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $part, View $view): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new FillWithPictures($placementIds, $part, $view));
    }
}
