<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Product\Product;

/** A product that goes into another, with the values that its SKUs get there. */
final readonly class CombinedPart
{
    /** @param  array<int, int>  $values  axis id => value id, on the axes that come */
    public function __construct(public int $productId, public Product $product, public array $values) {}
}
