<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\SelectedPart;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Clauses;
use App\Store\PlacementRow;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Takes pictures off what is selected, or off everything; one that reaches nothing is back in the tray. */
final class UnlinkPhotos
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $selected, bool $everywhere = false): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $selected, $everywhere): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $selection = $loaded->selected($everywhere ? Selection::whole() : $selected);
            if ($selection->isNothing()) {
                throw new Refusal('Select where the pictures are to be unlinked, or send them back to the tray.', RefusalKind::Missing, 'selected');
            }
            $updates = [];
            foreach ($rows as $row) {
                $updates[$row->id()] = ['reach' => Clauses::encode($this->reach($loaded, $row, $selection))];
            }
            $ledger->update('placements', $updates);

            return $everywhere
                ? 'Returned '.ChosenPictures::named($rows).' to the tray'
                : 'Unlinked '.ChosenPictures::named($rows).' from '.(new Wording())->say($selection->reach, $loaded->matrix);
        });
    }

    private function reach(LoadedProduct $loaded, PlacementRow $row, SelectedPart $selection): Reach
    {
        return (new Simplifier())->simplify($row->reach()->subtract($selection->reach, $loaded->matrix), $loaded->matrix);
    }
}
