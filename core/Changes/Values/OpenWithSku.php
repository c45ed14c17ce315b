<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\Product;
use Core\Reach\Selection;

/** Says which SKU shoppers see first; none leaves it to the first in stock. */
final readonly class OpenWithSku implements ProductChange
{
    /** @param  ?Selection  $selected  the SKU; null leaves it to the first in stock */
    public function __construct(private ?Selection $selected) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $sku = $this->selected === null ? null : $product->chosen($this->selected)->one('A product opens with one SKU');
        $details = $product->state->details->with(['openingCell' => $sku?->combination]);

        return new Changed(
            $product->state->withDetails($details),
            $sku === null ? 'Opens with the first SKU in stock' : "Opens with {$sku->code}",
        );
    }
}
