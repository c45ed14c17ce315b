<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryValue;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What products call the other values of an axis: no two of one product may be called the same. */
final class ValueTwins
{
    /**
     * Values of its axis on products that have it, each with the name of the product.
     *
     * @param  ?int  $productId  where it gets a name of this product's own; null where the library's name of it
     *   changes,
     * which only those products follow that call it nothing of their own
     * @return list<array{string, string}> the name of a product, and what another of its values is called
     */
    public static function of(LibraryValue $value, ?int $productId): array
    {
        $following = DB::table('product_values')
            ->where('value_id', $value->id)
            ->whereNotNull('position')
            ->whereNull('label')
            ->select('product_id');

        return array_values(
            DB::table('product_values')
                ->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
                ->join('products', 'products.id', '=', 'product_values.product_id')
                ->where('product_values.axis_id', $value->axis_id)
                ->where('product_values.value_id', '<>', $value->id)
                ->whereNotNull('product_values.position')
                ->when(
                    $productId !== null,
                    fn(Builder $rows) => $rows->where('product_values.product_id', $productId),
                    fn(Builder $rows) => $rows
                        ->whereNotNull('product_values.label')
                        ->whereIn('product_values.product_id', $following),
                )
                ->orderBy('products.id')
                ->get(['axis_values.name', 'product_values.label', 'products.name as product'])
                ->map(fn(object $row): array => [$row->product, $row->label ?? $row->name])
                ->all(),
        );
    }
}
