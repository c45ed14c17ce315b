<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Changes\ProductChange;

/** What is another for each product of a batch, which keeps it somewhere. */
interface OwnForEach extends BulkOperation
{
    /**
     * @param  list<BatchItem>  $items
     * @return array<int, ProductChange> of each, by its place in the batch
     */
    public function changes(string $batchId, array $items): array;
}
