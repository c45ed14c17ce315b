<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Color\Swatches\Swatch;
use Illuminate\Support\Facades\DB;

/** What values are called in products, and the colors they are shown by: of many products in two queries. */
final class ValueLabels
{
    /**
     * @param  list<int>  $productIds
     * @return array<int, array<int, ValueLabel>> product id => value id
     */
    public function of(array $productIds): array
    {
        $own = DB::table('product_values')
            ->whereIn('product_id', $productIds)
            ->get(['product_id', 'value_id', 'label', 'swatch']);
        // Not joined: the library has few values, so that the database would begin with them and read every product's.
        $values = DB::table('axis_values')
            ->whereIn('id', $own->pluck('value_id')->unique()->all())
            ->get(['id', 'name', 'swatch']);
        $names = $values->pluck('name', 'id')->all();
        $swatches = $values->pluck('swatch', 'id')->all();
        $labels = [];
        foreach ($own as $row) {
            $swatch = $row->swatch ?? $swatches[$row->value_id];
            $labels[$row->product_id][$row->value_id] = new ValueLabel(
                $row->label ?? $names[$row->value_id],
                $swatch === null ? null : Swatch::read($swatch),
            );
        }

        return $labels;
    }
}
