<?php

declare(strict_types=1);

namespace App\Store;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Illuminate\Support\Facades\DB;

/** Products that count stock by picture combination. */
final class CountedByPictures
{
    /** @return list<int> ids of their rows of an axis that follow the library in whether it changes the picture */
    public static function following(int $axisId): array
    {
        return array_values(
            DB::table('product_axes')
                ->join('details', 'details.product_id', '=', 'product_axes.product_id')
                ->where('product_axes.axis_id', $axisId)
                ->whereNull('product_axes.changes_picture')
                ->where('details.kind', DetailKind::Counting->value)
                ->where('details.text', Counting::Pictures->value)
                ->distinct()
                ->pluck('product_axes.id')
                ->all(),
        );
    }
}
