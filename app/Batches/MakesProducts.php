<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Product\ProductDetails;

/** What also makes products that are not there yet: what they become at once is said by their changes. */
interface MakesProducts extends OwnForEach
{
    /**
     * @param  list<BatchItem>  $items  of products that are yet to be
     * @return array<int, ProductDetails> with which each is made, by its place in the batch
     */
    public function details(string $batchId, array $items): array;
}
