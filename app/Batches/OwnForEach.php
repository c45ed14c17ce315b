<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Changes\ProductChange;

/** What is another for each product of a batch, which keeps it somewhere. */
interface OwnForEach extends BulkOperation
{
    /**
     * @param  list<int>  $productIds
     * @return array<int, ProductChange> of each, by product id
     */
    public function changes(string $batchId, array $productIds): array;
}
