<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** The products that one was put together of. */
final class ProductOrigins
{
    /** @return array<string, string> code => name; none where a SKU came from elsewhere, or nowhere */
    public static function of(Product $product): array
    {
        $from = DB::table('skus')->where('product_id', $product->id)->distinct()->pluck('came_from_id')->all();
        $origins = Product::query()
            ->where('part_of_id', $product->id)
            ->whereKey(array_filter($from))
            ->orderBy('id')
            ->pluck('name', 'code')
            ->all();

        return in_array(null, $from, true) || count($origins) !== count($from) ? [] : $origins;
    }
}
