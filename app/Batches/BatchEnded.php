<?php

declare(strict_types=1);

namespace App\Batches;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;

/** A batch is through with its products, on whichever way it went. */
final readonly class BatchEnded implements ShouldDispatchAfterCommit
{
    public function __construct(public string $batchId) {}
}
