<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Media\DeriveCuts;
use App\Models\HistoryEntry;
use Core\Gallery\Crop;

/** Says what of a picture matters: its focus, and the part that may be shown. */
final class SetCrop
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    public function run(Change $change, int $placementId, Crop $crop): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $crop): string {
            [$row] = ChosenPictures::rows($loaded, [$placementId]);
            $ledger->update('placements', [$placementId => ['crop' => $crop->key()]]);
            DeriveCuts::dispatch($row->photoId, $crop->key())->afterCommit();

            return $crop->isMiddle() ? "{$row->file()} is shown from its middle" : "Focus of {$row->file()} set to ".$this->percent($crop->x).' across, '.$this->percent($crop->y).' down';
        });
    }

    private function percent(int $thousandths): string
    {
        return round($thousandths / 10, 1).' %';
    }
}
