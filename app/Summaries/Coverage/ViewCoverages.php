<?php

declare(strict_types=1);

namespace App\Summaries\Coverage;

use Core\Gallery\Coverage\Need;
use Illuminate\Support\Facades\DB;

/** The coverage of products as it is kept, for lists. */
final class ViewCoverages
{
    /**
     * @param  list<int>  $productIds
     * @return array<int, array<string, ViewCoverage>> product id => view's key
     */
    public function of(array $productIds): array
    {
        $kept = [];
        foreach (DB::table('coverage_summaries')->whereIn('product_id', $productIds)->get() as $row) {
            $kept[$row->product_id][$row->view] = new ViewCoverage(
                Need::from($row->need),
                $row->there,
                $row->shared,
                $row->missing,
                $row->lacking,
            );
        }

        return $kept;
    }
}
