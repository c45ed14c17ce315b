<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Details\Counting;
use Core\Product\Plans\CountingPlan;
use Core\Product\Product;

/** Says what the stock of a product is counted for. */
final readonly class ChangeStockCounting implements ProductChange
{
    public function __construct(private Counting $to) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $plan = new CountingPlan($product, $this->to);

        return new Changed(
            $product->state->withDetails($product->state->details->saying($plan->details)),
            "Stock counted for {$this->to->inWords()} (was {$product->book->counting->inWords()}): {$plan->inWords()}",
        );
    }
}
