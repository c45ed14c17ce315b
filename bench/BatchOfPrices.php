<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Batches\StartBatch;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BatchRunner;
use App\Models\Product;
use App\Models\User;
use Core\Reach\Selection;
use Database\Seeders\DemoSeeder;
use Database\Seeders\LargeCatalog;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RuntimeException;

/**
 * One price over 50,000 SKUs in 2,000 products, each locked, changed and noted by itself; beside bare multi-row updates
 * of the same rows, in portions that are as large as a product's.
 */
final class BatchOfPrices
{
    private const PRODUCTS = 2_000;

    private const SKUS = 50_000;

    /** Rows of one bare update. */
    private const CHUNK = 500;

    public static function measure(): Result
    {
        Queue::fake();
        DemoSeeder::accounts();
        $last = (int) Product::query()->max('id');
        LargeCatalog::make(self::PRODUCTS, self::SKUS, 1, 11, fn(int $at): int => $at);
        $ids = Product::query()->where('id', '>', $last)->pluck('id')->all();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        // Each SKU has a price of its own, and no two of a product the same, so that every row is written for itself.
        DB::table('skus')
            ->whereIn('product_id', $ids)
            ->update(['price' => DB::raw('40 + (id % 97)')]);
        $rows = DB::table('skus')
            ->whereIn('product_id', $ids)
            ->where('state', 'made')
            ->get()
            ->map(fn(object $row): array => (array) $row)
            ->all();

        $batch = app(StartBatch::class)->run(
            $user,
            new BatchOrder('sku-price', ['value' => '+10 %'], BatchMode::AsFarAsPossible, Selection::whole()),
            $ids,
        );
        memory_reset_peak_usage();
        $start = hrtime(true);
        app(BatchRunner::class)->advance($batch->id, 3600);
        $own = hrtime(true) - $start;
        $peak = intdiv(memory_get_peak_usage(), 1024 * 1024);
        if (
            DB::table('batch_products')
                ->where('batch_id', $batch->id)
                ->whereNotIn('state', ['changed', 'same'])
                ->exists()
        ) {
            throw new RuntimeException('The batch of the bench did not change every product.');
        }

        $start = hrtime(true);
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table('skus')->upsert(
                array_map(fn(array $row): array => ['price' => '53.5000'] + $row, $chunk),
                ['id'],
                ['price'],
            );
        }
        $bare = hrtime(true) - $start;

        return new Result(
            'batch of one price',
            number_format(count($rows)) . ' SKUs in 2,000 products',
            $own / $bare,
            4.0,
            sprintf('%.1f s beside %.1f s; %d MB at most', $own / 1e9, $bare / 1e9, $peak),
        );
    }
}
