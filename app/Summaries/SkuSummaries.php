<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Products\LoadedProduct;
use Illuminate\Support\Facades\DB;

/** Keeps what is counted of SKUs. Of a product with thousands only those that changed are written. */
final readonly class SkuSummaries
{
    private const CHUNK = 1_000;

    public function __construct(private SkuCounting $counting) {}

    /** @param  array<int, LoadedProduct>  $products  by id */
    public function keep(array $products): void
    {
        $before = DB::table('sku_summaries')
            ->whereIn('product_id', array_keys($products))
            ->get()
            ->keyBy('sku_id')
            ->map(fn(object $row): array => (array) $row)
            ->all();
        $rows = array_replace(...array_values(array_map($this->counting->of(...), $products)));
        $changed = array_values(array_filter($rows, fn(array $row): bool => ($before[$row['sku_id']] ?? null) != $row));
        foreach (array_chunk($changed, self::CHUNK) as $chunk) {
            DB::table('sku_summaries')->upsert($chunk, ['sku_id'], array_keys($chunk[0]));
        }
        foreach (array_chunk(array_keys(array_diff_key($before, $rows)), self::CHUNK) as $gone) {
            DB::table('sku_summaries')->whereIn('sku_id', $gone)->delete();
        }
    }
}
