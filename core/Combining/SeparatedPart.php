<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Product\ProductState;

/** A part of a product that becomes a product of its own. */
final readonly class SeparatedPart
{
    /**
     * @param  ?int  $productId  the product that it was before it was put together; null where it is new
     * @param  ProductState  $state  with the SKUs that go there under their own ids, and pictures by photo
     */
    public function __construct(public ?int $productId, public ProductState $state) {}
}
