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

    /**
     * @param  list<BatchItem>  $items  of products that are yet to be
     * @return array<int, int> SKUs that each will have, about, by its place in the batch: no more are made together
     *   than can be held in memory
     */
    public function sizes(string $batchId, array $items): array;
}
