<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\NewPictures;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Clauses;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Links pictures to what is selected in the matrix: there as well, or only there. */
final class LinkPhotos
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $selected, bool $onlyThere = false): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $selected, $onlyThere): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $selection = $loaded->selected($selected);
            if ($selection->isNothing()) {
                throw new Refusal('Select a color, a size, a cell or the corner first: that is what the pictures are linked to.', RefusalKind::Missing, 'selected');
            }
            $updates = [];
            foreach ($rows as $row) {
                // What is linked already stays, and what of it sleeps; only there is nowhere else, asleep or not.
                $updates[$row->id()] = ($onlyThere ? ['reach' => Clauses::encode($selection->reach)] : []) + NewPictures::linkedTo($loaded, $row, $selection->reach);
            }
            $ledger->update('placements', $updates);
            $where = (new Wording())->say($selection->reach, $loaded->matrix);

            return 'Linked '.ChosenPictures::named($rows).($onlyThere ? ' only' : '').' to '.$where;
        });
    }
}
