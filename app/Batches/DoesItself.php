<?php

declare(strict_types=1);

namespace App\Batches;

use App\Changing\PortionOutcome;
use App\Models\Batch;
use Core\CoreException;

/** What makes a product of several others, so that it is no change of one: it is done item by item. */
interface DoesItself extends BulkOperation
{
    /**
     * In the transaction of whoever notes what became of it. What it writes in the history is of the batch.
     *
     * @throws CoreException where it cannot be done
     */
    public function do(Batch $batch, BatchItem $item): PortionOutcome;
}
