<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\LibraryRef;
use Core\Product\Product;

/** Says which shot list a product follows. */
final readonly class FollowShotList implements ProductChange
{
    /** @param  ?LibraryRef  $list  null for none */
    public function __construct(private ?LibraryRef $list) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $details = $product->state->details;
        $state = LibraryRef::same($this->list, $details->shotList)
            ? $product->state
            : $product->state->withDetails($details->with(['shotList' => $this->list]));

        return new Changed($state, 'Changed the shot list of the product');
    }
}
