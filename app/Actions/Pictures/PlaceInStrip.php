<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\PlaceInGallery;

/** Links a picture of one strip of the contact sheet to another, at a place in it; there as well, or instead. */
final class PlaceInStrip
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, PlaceInGallery $wanted): ?HistoryEntry
    {
        return $this->work->change($change, self::class, $wanted);
    }
}
