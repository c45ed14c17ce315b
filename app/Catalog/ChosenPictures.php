<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Kind;
use App\Refusals\Refused;
use App\Store\PlacementRow;

/** What the Actions on pictures share: finding the ones meant, and naming them. */
final class ChosenPictures
{
    /**
     * @param  list<int>  $ids
     * @return list<PlacementRow> in the one order
     */
    public static function rows(LoadedProduct $loaded, array $ids): array
    {
        if ($ids === []) {
            throw new Refused('Mark a picture first.', Kind::Missing);
        }
        foreach ($ids as $id) {
            if (! isset($loaded->placements[$id])) {
                throw new Refused('One of these pictures is no longer in this product. Look at the tray again.', Kind::Gone);
            }
        }

        return array_values(array_filter($loaded->placements, fn (PlacementRow $row): bool => in_array($row->id(), $ids, true)));
    }

    /** @param  list<PlacementRow>  $rows */
    public static function named(array $rows): string
    {
        return count($rows) === 1 ? $rows[0]->file() : count($rows).' pictures';
    }
}
