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
        $skus = self::skus($productIds);

        return array_slice($productIds, 0, self::fitting(array_map(fn(int $id): int => $skus[$id] ?? 0, $productIds)));
    }

    /**
     * @param  list<int>  $sizes  SKUs of each product, about
     * @return int how many of the first fit together
     */
    public static function fitting(array $sizes): int
    {
        $skus = 0;
        foreach ($sizes as $at => $size) {
            $skus += $size;
            if ($at > 0 && $skus > self::MOST_SKUS) {
                return $at;
            }
        }

        return count($sizes);
    }

    /**
     * @param  list<int>  $productIds
     * @return array<int, int> product id => SKUs, retired ones too; of a product without any none
     */
    public static function skus(array $productIds): array
    {
        return array_map(
            intval(...),
            DB::table('skus')
                ->whereIn('product_id', $productIds)
                ->groupBy('product_id')
                ->selectRaw('product_id, count(*) as skus')
                ->pluck('skus', 'product_id')
                ->all(),
        );
    }
}
