<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Product\ProductDetails;

/** What also makes products that are not there yet: what they become at once is said by their changes. */
interface MakesProducts extends OwnForEach
{
    /**
     * @param  list<BatchItem>  $items  of products that are yet to be
     * @param  array<int, ProductChange|SkuChange>  $changes  what becomes of them, by their places in the batch
     * @return array<int, ProductDetails> with which each is made, by its place in the batch
     */
    public function details(string $batchId, array $items, array $changes): array;
}
