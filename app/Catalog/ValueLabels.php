<?php

declare(strict_types=1);

namespace App\Catalog;

use Illuminate\Support\Facades\DB;

/** What values are called in products, and the colors they are shown by: of many products in one query. */
final class ValueLabels
{
    /**
     * @param  list<int>  $productIds
     * @return array<int, array<int, array{label: string, swatch: ?string}>> product id => value id
     */
    public function of(array $productIds): array
    {
        $labels = [];
        $rows = DB::table('product_values')->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')->whereIn('product_values.product_id', $productIds)
            ->get(['product_values.product_id', 'product_values.value_id', 'product_values.label', 'axis_values.name', 'axis_values.swatch']);
        foreach ($rows as $row) {
            $labels[$row->product_id][$row->value_id] = ['label' => $row->label ?? $row->name, 'swatch' => $row->swatch];
        }

        return $labels;
    }
}
