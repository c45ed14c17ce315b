<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\CoreException;
use Core\Product\Product;

/** Something that can be done to a product, as a value: it says what the product becomes, and stores nothing. */
interface ProductChange
{
    /** @throws CoreException where it cannot be done to this product */
    public function on(Product $product, Catalog $catalog): Changed;
}
