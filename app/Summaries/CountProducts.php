<?php

declare(strict_types=1);

namespace App\Summaries;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Queue;

/** Counts the products that were changed, whichever they are. Where none is left it does nothing. */
final class CountProducts implements ShouldQueue
{
    use Queueable;

    /** Seconds; then the next job goes on, so that pictures come in between. */
    private const MOST_SECONDS = 10;

    public int $tries = 3;

    public int $timeout = 90;

    /** Where the queue is empty and products wait: the job that was to count them is lost. */
    public static function dispatchWhenIdle(): void
    {
        if (Queue::size() === 0 && Summaries::waiting() > 0) {
            self::dispatch();
        }
    }

    public function handle(Summaries $summaries): void
    {
        $end = microtime(true) + self::MOST_SECONDS;
        do {
            $counted = $summaries->countSome();
        } while ($counted === Summaries::CHUNK && microtime(true) < $end);
        if ($counted === Summaries::CHUNK) {
            self::dispatch();
        }
    }
}
