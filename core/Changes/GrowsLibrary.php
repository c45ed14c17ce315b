<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Changes\Matrix\ReadAxis;
use Core\CoreException;
use Core\Product\Product;

/**
 * A change that names axes and values which the library may not have yet. Whoever stores it adds them first, and then
 * asks for the change once more; until then it says what the product becomes with ids below zero in their place.
 */
interface GrowsLibrary extends ProductChange
{
    /**
     * @return list<ReadAxis> with ids below zero where the library lacks something
     *
     * @throws CoreException where it cannot be done to this product
     */
    public function named(Product $product, Catalog $catalog): array;
}
