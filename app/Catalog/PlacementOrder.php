<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use Core\Product\SelectionGallery;
use Core\Reach\Selection;

/** The one order of a product's pictures as it is stored, and the gallery of a part of the product in it. */
final class PlacementOrder
{
    /** @return list<int> ids of the pictures that a part shows, in order */
    public static function gallery(LoadedProduct $loaded, Selection $part): array
    {
        return (new SelectionGallery($loaded->selected($part)))->ids();
    }

    /** @param  list<int>  $order  all placement ids */
    public static function store(Ledger $ledger, LoadedProduct $loaded, array $order): void
    {
        $updates = [];
        foreach ($order as $position => $id) {
            if ($loaded->placements[$id]->position !== $position + 1) {
                $updates[$id] = ['position' => $position + 1];
            }
        }
        $ledger->update('placements', $updates);
    }
}
