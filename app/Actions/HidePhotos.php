<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Clauses;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Hides pictures from the selected galleries without unlinking them, or shows them again. */
final class HidePhotos
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $selected, bool $showAgain = false): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $selected, $showAgain): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $selection = $loaded->selected($selected);
            if ($selection->isNothing()) {
                throw new Refusal('Select whose gallery is meant first.', RefusalKind::Missing, 'selected');
            }
            $updates = [];
            foreach ($rows as $row) {
                $hidden = $showAgain ? $row->placement->hidden->subtract($selection->reach, $loaded->matrix) : $row->placement->hidden->union($selection->reach);
                $updates[$row->id()] = ['hidden' => Clauses::encode((new Simplifier())->simplify($hidden, $loaded->matrix))];
            }
            $ledger->update('placements', $updates);

            return ($showAgain ? 'Showed ' : 'Hid ').ChosenPictures::named($rows).($showAgain ? ' again in ' : ' from ').(new Wording())->say($selection->reach, $loaded->matrix);
        });
    }
}
