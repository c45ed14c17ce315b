<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Refused;

/** The SKUs a change is meant for. */
final class SelectedSkus
{
    /** @return non-empty-list<SkuRow> */
    public static function of(string $selected, LoadedProduct $loaded): array
    {
        $skus = Selection::read($selected, $loaded)->skus();
        if ($skus === []) {
            throw new Refused('Select the SKUs first: a row, a column or cells of the matrix.');
        }

        return $skus;
    }
}
