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
use Core\Gallery\View;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Puts pictures of the product where a view is missing: linked there, and said to show it. */
final class FillHole
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function run(Change $change, array $placementIds, Selection $part, View $view): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $part, $view): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $where = $loaded->selected($part);
            if ($where->isNothing()) {
                throw new Refusal('What lacks the picture is not in the product any more. Look at the map as it is now.', RefusalKind::Gone, 'onto');
            }
            $updates = [];
            foreach ($rows as $row) {
                $updates[$row->id()] = ['view' => $view->key] + NewPictures::linkedTo($loaded, $row, $where->reach);
            }
            $ledger->update('placements', $updates);

            return ChosenPictures::named($rows)." is the {$view->name} of ".(new Wording())->say($where->reach, $loaded->matrix);
        });
    }
}
