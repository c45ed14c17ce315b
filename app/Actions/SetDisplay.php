<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\AxisDisplay;
use Illuminate\Support\Facades\DB;

/** Says how shoppers choose on an axis of one product, where it differs from the library. */
final class SetDisplay
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  ?AxisDisplay  $display  null as the library says */
    public function run(Change $change, int $axisId, ?AxisDisplay $display): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $display): string {
            $axis = ProductAxis::of($loaded, $axisId);
            $rowId = (int) DB::table('product_axes')->where('product_id', $loaded->product->id)->where('axis_id', $axisId)->value('id');
            $shared = AxisDisplay::from((string) DB::table('axes')->where('id', $axisId)->value('display'));
            $ledger->update('product_axes', [$rowId => ['display' => $display === $shared ? null : $display?->value]]);

            return "Shoppers choose the {$axis->name} by ".($display ?? $shared)->inWords().($display === null || $display === $shared ? ', as the library says' : '');
        });
    }
}
