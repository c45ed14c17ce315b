<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Refusal;
use Core\RefusalKind;

/** Takes pictures out of the product for good. Only from the tray: what is linked must be unlinked first. */
final class RemovePhotos
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            foreach ($rows as $row) {
                if ($loaded->isLinked($row)) {
                    throw new Refusal("{$row->file()} is linked. Send it back to the tray first; then it can be removed.", RefusalKind::Impossible);
                }
            }
            $ledger->delete('placements', $placementIds);

            return 'Removed '.ChosenPictures::named($rows).' from the product';
        });
    }
}
