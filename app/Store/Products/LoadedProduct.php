<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\Product;
use App\Store\PlacementRow;
use Core\Product\Product as CoreProduct;

/** A product beside the row it is kept in and the files of its pictures, loaded in a fixed number of queries. */
final readonly class LoadedProduct
{
    /** @param  array<int, PlacementRow>  $placements  by id, in the one order */
    public function __construct(public Product $product, public CoreProduct $core, public array $placements) {}

    public function isLinked(PlacementRow $row): bool
    {
        return $this->core->isLinked($row->placement);
    }

    /** @return list<PlacementRow> pictures of this product that reach no SKU on offer, in order */
    public function tray(): array
    {
        $reaching = $this->core->galleries()->reaching();

        return array_values(
            array_filter($this->placements, fn(PlacementRow $row): bool => !isset($reaching[$row->id()])),
        );
    }
}
