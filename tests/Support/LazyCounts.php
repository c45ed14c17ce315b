<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Summaries\CountProducts;
use Illuminate\Database\Connection;
use Illuminate\Queue\Connectors\ConnectorInterface;
use Illuminate\Queue\SyncQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/**
 * In the application a job counts what was changed while nobody waits for it. Tests have no worker, and most never look
 * at what it counts: here it runs when the first query does, once for all changes before.
 */
final class LazyCounts extends SyncQueue implements ConnectorInterface
{
    /** Tables and columns that the job writes, and what is made of them. */
    private const COUNTED = '/\b(?:product_summaries|sku_summaries|sku_values|coverage_summaries|finding_counts|catalog_totals|product_words|lexicon_words|lexicon_slips|word_slips|is_counted)\b/';

    private bool $isAwaited = false;

    /** In the place of the queue that works each job off at once. */
    public static function install(): void
    {
        $queue = new self();
        config(['queue.connections.sync.driver' => 'lazy']);
        Queue::extend('lazy', fn(): self => $queue);
        DB::connection()->beforeExecuting(
            fn(string $query, array $bindings, Connection $connection) => $queue->before($query),
        );
    }

    /** Counts what is still to be counted, so that a query that is measured afterwards does not. */
    public static function settle(): void
    {
        DB::table('product_summaries')->exists();
    }

    public function connect(array $config): self
    {
        return $this;
    }

    public function push($job, $data = '', $queue = null): mixed
    {
        if ($job instanceof CountProducts) {
            $this->isAwaited = true;

            return 0;
        }

        return parent::push($job, $data, $queue);
    }

    private function before(string $query): void
    {
        // A test that unmakes counts by hand unmakes those that are there.
        $isLook = str_starts_with($query, 'select') && preg_match(self::COUNTED, $query) === 1;
        if ($this->isAwaited && ($isLook || str_starts_with($query, 'update `products` set `is_counted`'))) {
            $this->isAwaited = false;
            app()->call([new CountProducts(), 'handle']);
        }
    }
}
