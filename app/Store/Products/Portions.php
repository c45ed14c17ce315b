<?php

declare(strict_types=1);

namespace App\Store\Products;

use Illuminate\Support\Facades\DB;

/** How many products are loaded together: as many as have not more SKUs than can be held in memory, at least one. */
final class Portions
{
    private const MOST_SKUS = 5_000;

    /**
     * @param  list<int>  $productIds
     * @return list<int> the first of them
     */
    public static function first(array $productIds): array
    {
        $counts = DB::table('skus')
            ->whereIn('product_id', $productIds)
            ->groupBy('product_id')
            ->selectRaw('product_id, count(*) as skus')
            ->pluck('skus', 'product_id');
        $skus = 0;
        foreach ($productIds as $at => $productId) {
            $skus += (int) ($counts[$productId] ?? 0);
            if ($at > 0 && $skus > self::MOST_SKUS) {
                return array_slice($productIds, 0, $at);
            }
        }

        return $productIds;
    }
}
