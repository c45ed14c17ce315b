<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\CoreException;
use Core\Product\Product;

/** A change that was refused before anybody had a product to make it on: among many it says why in its place. */
final readonly class RefusedChange implements ProductChange
{
    public function __construct(private CoreException $why) {}

    /** @throws CoreException */
    public function on(Product $product, Catalog $catalog): Changed
    {
        throw $this->why;
    }
}
