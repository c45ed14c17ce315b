<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\PlacementOrder;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Gallery\Matched;
use Core\Gallery\Order;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Changes the one order: a picture to another place in a gallery, by the shot list, or as another gallery has it. */
final class OrderPhotos
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  int  $to the place in the gallery of the selection, from 0 */
    public function move(Change $change, int $placementId, Selection $selected, int $to): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $selected, $to): string {
            [$row] = ChosenPictures::rows($loaded, [$placementId]);
            $selection = $loaded->selected($selected);
            $gallery = PlacementOrder::gallery($loaded, $selected);
            $to = max(0, min($to, count($gallery) - 1));
            PlacementOrder::store($ledger, $loaded, (new Order())->move(array_keys($loaded->placements), $gallery, $row->id(), $to));

            return "Moved {$row->file()} to place ".($to + 1).($selection->isNothing() ? '' : " of {$selection->inWords()}");
        });
    }

    public function followShotList(Change $change): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded): string {
            if ($loaded->shotList === null) {
                throw new Refusal('This product has no shot list. Choose one under Details.', RefusalKind::Missing);
            }
            PlacementOrder::store($ledger, $loaded, (new Order())->byShotList($loaded->corePlacements(), $loaded->shotList, $loaded->madeCells()));

            return 'Put the pictures into the order of the shot list';
        });
    }

    public function matchTo(Change $change, Selection $selected): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected): string {
            $selection = $loaded->selected($selected);
            $sku = $selection->skus()[0] ?? throw new Refusal('Select the color that the others are to match.', RefusalKind::Missing, 'selected');
            $matched = (new Order())->matchedTo($sku->cell, $loaded->corePlacements(), $loaded->madeCells(), $loaded->galleries());
            PlacementOrder::store($ledger, $loaded, $matched->order);
            $labels = array_values($loaded->matrix->choice($this->seen($loaded, $sku->cell)));

            return 'Gave the galleries the sequence of '.($labels === [] ? $selection->place() : implode(', ', $labels)).$this->exceptions($loaded, $matched);
        });
    }

    private function seen(LoadedProduct $loaded, Combination $cell): Combination
    {
        return $cell->on(array_map(fn (Axis $axis): int => $axis->id, $loaded->matrix->pictureAxes()));
    }

    /** Which galleries cannot match, and why. */
    private function exceptions(LoadedProduct $loaded, Matched $matched): string
    {
        $words = [];
        foreach ($matched->mismatches as $mismatch) {
            $where = $loaded->matrix->inWordsOr($this->seen($loaded, $mismatch->cell), $loaded->matrix->inWords($mismatch->cell));
            $words[$where] ??= "{$where} cannot: it would need {$loaded->placements[$mismatch->firstId]->file()} before {$loaded->placements[$mismatch->secondId]->file()}, which galleries that match have the other way round";
        }

        return $words === [] ? '' : '; '.implode('; ', $words);
    }
}
