<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\NewPictures;
use App\Catalog\PlacementOrder;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Clauses;
use Core\Gallery\Order;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Brings a picture from the gallery of one part of a product into that of another, at a place: there as well, or there instead. */
final class PlaceInStrip
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  int  $place  among the pictures of the other part, from 0; past the end is the end */
    public function run(Change $change, int $placementId, Selection $from, Selection $onto, int $place, bool $instead): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $from, $onto, $place, $instead): string {
            [$row] = ChosenPictures::rows($loaded, [$placementId]);
            $there = $loaded->selected($onto);
            $here = $loaded->selected($from);
            if ($there->isNothing()) {
                throw new Refusal('The strip that it was dropped on is not there any more. Look at the sheet as it is now.', RefusalKind::Gone, 'onto');
            }
            $columns = NewPictures::linkedTo($loaded, $row, $there->reach);
            if ($instead) {
                $columns['reach'] = Clauses::encode(Clauses::decode($columns['reach'])->subtract($here->cells->subtract($there->cells, $loaded->matrix), $loaded->matrix));
            }
            $ledger->update('placements', [$row->id() => $columns]);
            PlacementOrder::store($ledger, $loaded, $this->order($loaded, $row->id(), $onto, $place));
            $wording = new Wording();

            return "Put {$row->file()} at place ".($place + 1).' of '.$wording->say($there->reach, $loaded->matrix).($instead ? ', no longer of '.$wording->say($here->reach, $loaded->matrix) : '');
        });
    }

    /** @return list<int> */
    private function order(LoadedProduct $loaded, int $id, Selection $onto, int $place): array
    {
        $gallery = PlacementOrder::gallery($loaded, $onto);
        // Where it comes to stand in the other gallery by its place in the one order; from there it is moved.
        $places = array_flip(array_keys($loaded->placements));
        $own = [...array_values(array_diff($gallery, [$id])), $id];
        usort($own, fn (int $a, int $b): int => $places[$a] <=> $places[$b]);

        return (new Order())->move(array_keys($loaded->placements), $own, $id, $place);
    }
}
