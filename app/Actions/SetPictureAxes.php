<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\PictureAxesPlan;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\DetailRows;
use Core\Matrix\Axis;
use Illuminate\Support\Facades\DB;

/** Says by which axes the pictures of a product differ: one, several or none. */
final class SetPictureAxes
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $axisIds */
    public function run(Change $change, array $axisIds): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisIds): string {
            $updates = [];
            foreach (DB::table('product_axes')->join('axes', 'axes.id', '=', 'product_axes.axis_id')->where('product_axes.product_id', $loaded->product->id)->whereNotNull('product_axes.position')->get(['product_axes.id', 'axes.id as axis_id', 'axes.changes_picture']) as $row) {
                $wanted = (int) in_array($row->axis_id, $axisIds, true);
                // What the library says of the axis needs no word of the product's own.
                $updates[$row->id] = ['changes_picture' => $wanted === (int) $row->changes_picture ? null : $wanted];
            }
            $ledger->update('product_axes', $updates);
            $plan = new PictureAxesPlan($loaded, $axisIds);
            DetailRows::store($ledger, $loaded->product->id, $plan->details);
            $names = array_map(fn (Axis $axis): string => $axis->name, array_filter($loaded->matrix->axes, fn (Axis $axis): bool => in_array($axis->id, $axisIds, true)));

            $units = $plan->unitsInWords(3);

            return ($names === [] ? 'Pictures differ by no axis' : 'Pictures differ by '.implode(' and ', $names))
                .($units === '' ? '' : "; moves units: {$units}");
        });
    }
}
