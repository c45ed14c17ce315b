<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Media\DeriveCuts;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\FocusPicture;
use Core\Gallery\Crop;

/** Says what of a picture matters: its focus, and the part that may be shown. */
final class SetCrop
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, int $placementId, Crop $crop): ?HistoryEntry
    {
        $entry = $this->work->change($change, self::class, new FocusPicture($placementId, $crop));
        if ($entry?->photo_id !== null) {
            DeriveCuts::dispatch($entry->photo_id, $crop->key());
        }

        return $entry;
    }
}
