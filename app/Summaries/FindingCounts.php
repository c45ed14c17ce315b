<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Illuminate\Support\Facades\DB;

/** Keeps how often each product is in breach of each check. */
final readonly class FindingCounts
{
    private const TABLE = 'finding_counts';

    private const CHUNK = 1_000;

    /** @param  array<int, LoadedProduct>  $products  by id */
    public function keep(array $products): void
    {
        $before = [];
        foreach (DB::table(self::TABLE)->whereIn('product_id', array_keys($products))->get() as $row) {
            $before[$row->product_id][$row->check_key] = $row->found;
        }
        $rows = $gone = [];
        foreach (ProductColors::ofMany($products) as $id => $colors) {
            $isStanding = $products[$id]->product->removed_at === null;
            $counts = $isStanding ? Checks::counts(new CheckedProduct($products[$id]->core, $colors->all())) : [];
            foreach ($counts as $check => $found) {
                if (($before[$id][$check] ?? 0) !== $found) {
                    $rows[] = ['product_id' => $id, 'check_key' => $check, 'found' => $found];
                }
            }
            foreach (array_keys(array_diff_key($before[$id] ?? [], $counts)) as $check) {
                $gone[$check][] = $id;
            }
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table(self::TABLE)->upsert($chunk, ['product_id', 'check_key'], ['found']);
        }
        foreach ($gone as $check => $ids) {
            DB::table(self::TABLE)->where('check_key', $check)->whereIn('product_id', $ids)->delete();
        }
    }
}
