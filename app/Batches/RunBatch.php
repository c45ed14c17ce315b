<?php

declare(strict_types=1);

namespace App\Batches;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Takes a batch some way further, and asks for the next of its kind where there is more. */
final class RunBatch implements ShouldQueue
{
    use Queueable;

    /** Seconds; then pictures and counts come in between. */
    private const MOST_SECONDS = 10.0;

    public int $tries = 3;

    public int $timeout = 90;

    public function __construct(private readonly string $batchId) {}

    public function handle(BatchRunner $runner): void
    {
        if ($runner->advance($this->batchId, self::MOST_SECONDS)) {
            self::dispatch($this->batchId);
        }
    }
}
