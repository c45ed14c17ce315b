<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Matrix\AxisDisplay;
use Illuminate\Support\Facades\DB;

/** Says how shoppers choose on an axis of one product, where it differs from the library. */
final class SetDisplay
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  ?AxisDisplay  $display  null as the library says */
    public function run(Change $change, int $axisId, ?AxisDisplay $display): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $display): string {
            $axis = $loaded->matrix->axis($axisId);
            $row = $axis === null ? null : DB::table('product_axes')->where('product_id', $loaded->product->id)->where('axis_id', $axisId)->first();
            if ($axis === null || $row === null) {
                throw new Refused('The product does not have this axis any more.', Kind::Gone, 'axis');
            }
            $shared = AxisDisplay::from((string) DB::table('axes')->where('id', $axisId)->value('display'));
            $ledger->update('product_axes', [$row->id => ['display' => $display === $shared ? null : $display?->value]]);

            return "Shoppers choose the {$axis->name} by ".($display ?? $shared)->inWords().($display === null || $display === $shared ? ', as the library says' : '');
        });
    }
}
