<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Product\ProductState;

/** One product made of several: what it is, and what of the parts could not be kept. */
final readonly class Combined
{
    /**
     * @param  ProductState  $state  with the SKUs and pictures of all parts, under their own ids
     * @param  list<string>  $remarks  what differs and is said once: "The description of AP-1 is kept"
     * @param  int  $holes  combinations without a SKU, which are left out
     */
    public function __construct(public ProductState $state, public array $remarks, public int $holes) {}
}
