<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\PlacementRow;
use Core\Refusal;
use Core\RefusalKind;

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
            throw new Refusal('Mark a picture first.', RefusalKind::Missing);
        }
        foreach ($ids as $id) {
            if (! isset($loaded->placements[$id])) {
                throw new Refusal('One of these pictures is no longer in this product. Look at the tray again.', RefusalKind::Gone);
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
