<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\AxisForm;
use App\History\Change;
use App\History\Keeper;
use App\History\ProductsChanged;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Models\Product;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Illuminate\Support\Facades\DB;

/** Changes an axis of the library for every product that uses it. */
final class EditAxis
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, int $axisId, AxisForm $form): ?HistoryEntry
    {
        return $this->keeper->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $form): string {
            $axis = LibraryAxis::query()->findOrFail($axisId);
            $taken = LibraryAxis::query()->where('folded', $form->name->folded)->whereKeyNot($axisId)->first();
            if ($taken !== null) {
                throw new Refused("The library has an axis {$taken->name} already.", Kind::Taken, 'name');
            }
            $ledger->update('axes', [$axisId => $form->row()]);
            // Which axis is one of colors, and whose values change the picture, is counted by.
            Product::query()->whereIn('id', DB::table('product_axes')->where('axis_id', $axisId)->select('product_id'))->update(['revision' => DB::raw('revision + 1'), 'is_counted' => false]);
            event(new ProductsChanged());

            return "Changed the axis {$axis->name}".($form->name->shown === $axis->name ? '' : " to {$form->name->shown}");
        });
    }
}
