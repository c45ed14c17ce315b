<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\Clauses;
use App\Catalog\LoadedProduct;
use App\Catalog\PlacementRow;
use App\Catalog\SelectedPart;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;

/** Links pictures to what is selected in the matrix: there as well, or only there. */
final class LinkPhotos
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $selected, bool $onlyThere = false): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $selected, $onlyThere): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $selection = $loaded->selected($selected);
            if ($selection->isNothing()) {
                throw new Refused('Select a color, a size, a cell or the corner first: that is what the pictures are linked to.', Kind::Missing, 'selected');
            }
            $updates = [];
            foreach ($rows as $row) {
                $updates[$row->id()] = [
                    'reach' => Clauses::encode($this->reach($loaded, $row, $selection, $onlyThere)),
                    'hidden' => Clauses::encode($row->placement->hidden->subtract($selection->reach, $loaded->matrix)),
                ];
            }
            $ledger->update('placements', $updates);
            $where = (new Wording())->say($selection->reach, $loaded->matrix);

            return 'Linked '.ChosenPictures::named($rows).($onlyThere ? ' only' : '').' to '.$where;
        });
    }

    /** What is linked already stays, and what of it sleeps; only there is nowhere else, asleep or not. */
    private function reach(LoadedProduct $loaded, PlacementRow $row, SelectedPart $selection, bool $onlyThere): Reach
    {
        return $onlyThere ? $selection->reach : (new Simplifier())->simplify($row->reach()->union($selection->reach), $loaded->matrix);
    }
}
