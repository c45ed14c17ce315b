<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\Selection;
use App\Catalog\SelectionGallery;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Core\Gallery\Order;
use Core\Matrix\Axis;
use Core\Reach\Wording;

/** Changes the one order: a picture to another place in a gallery, by the shot list, or as another gallery has it. */
final class OrderPhotos
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  int  $to the place in the gallery of the selection, from 0 */
    public function move(Change $change, int $placementId, string $selected, int $to): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $selected, $to): string {
            [$row] = PlacementChange::rows($loaded, [$placementId]);
            $gallery = (new SelectionGallery(Selection::read($selected, $loaded)))->ids();
            $to = max(0, min($to, count($gallery) - 1));
            $this->store($ledger, $loaded, (new Order())->move(array_keys($loaded->placements), $gallery, $row->id(), $to));

            return "Moved {$row->file()} to place ".($to + 1);
        });
    }

    public function followShotList(Change $change): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded): string {
            if ($loaded->shotList === null) {
                throw new Refused('This product has no shot list. Choose one under Details.');
            }
            $this->store($ledger, $loaded, (new Order())->byShotList($loaded->corePlacements(), $loaded->shotList));

            return 'Put the pictures into the order of the shot list';
        });
    }

    public function matchTo(Change $change, string $selected): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected): string {
            $sku = Selection::read($selected, $loaded)->skus()[0] ?? throw new Refused('Select the color that the others are to match.');
            $axisIds = array_map(fn (Axis $axis): int => $axis->id, $loaded->matrix->pictureAxes());
            $firsts = [];
            foreach ($loaded->madeCells() as $cell) {
                $firsts[$cell->on($axisIds)->key] ??= $cell;
            }
            $this->store($ledger, $loaded, (new Order())->matchedTo($sku->cell, $loaded->corePlacements(), array_values($firsts), $loaded->galleries()));
            $labels = array_values($loaded->matrix->choice($sku->cell->on($axisIds)));

            return 'Gave all galleries the sequence of '.($labels === [] ? (new Wording())->say(Selection::read($selected, $loaded)->reach, $loaded->matrix) : implode(', ', $labels));
        });
    }

    /** @param  list<int>  $order all placement ids */
    private function store(Ledger $ledger, LoadedProduct $loaded, array $order): void
    {
        $updates = [];
        foreach ($order as $position => $id) {
            $updates[$id] = ['position' => $position + 1];
        }
        $ledger->update('placements', array_filter(
            $updates,
            fn (array $update, int $id): bool => $loaded->placements[$id]->position !== $update['position'],
            ARRAY_FILTER_USE_BOTH,
        ));
    }
}
