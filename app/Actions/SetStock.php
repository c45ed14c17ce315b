<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\ChosenSkus;
use App\Catalog\SkuRow;
use App\Catalog\StockCount;
use App\Catalog\Units;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Reach\Selection;

/** Sets the stock of all selected SKUs, each to the same number of units; or says that nobody counts them. */
final class SetStock implements Act
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string  $typed  a whole number; nothing where the units are not counted */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $units = Units::typed($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($units): string {
            $skus = $chosen->some();
            $ledger->update('skus', array_fill_keys(array_map(fn (SkuRow $sku): int => $sku->id, $skus), ['stock' => $units]));
            $place = $chosen->place();
            $was = (new StockCount($skus))->range();

            return $units === null ? "Stock of {$place} no longer counted (was {$was})" : "Stock of {$place} set to {$units} (was {$was})";
        });
    }

    public function inWords(array $wanted): string
    {
        $units = Units::typed((string) ($wanted['value'] ?? ''));

        return $units === null ? 'Stock of every SKU no longer counted' : "Stock of every SKU set to {$units}";
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, (string) ($wanted['value'] ?? ''));
    }
}
