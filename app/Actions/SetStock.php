<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\SkuRow;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;

/** Sets the stock of all selected SKUs, each to the same number of units. */
final class SetStock
{
    private const MOST = 9_999_999;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, string $selected, string $typed): ?HistoryEntry
    {
        $digits = str_replace([' ', ',', '.', "'"], '', trim($typed));
        if (preg_match('/^\d{1,10}$/', $digits) !== 1 || (int) $digits > self::MOST || preg_match('/[.,]\d{1,2}$/', trim($typed)) === 1) {
            throw new Refused("“{$typed}” is not a number of units. Type a whole number such as 12.");
        }

        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected, $digits): string {
            $skus = SelectedSkus::of($selected, $loaded);
            $ledger->update('skus', array_fill_keys(array_map(fn (SkuRow $sku): int => $sku->id, $skus), ['stock' => (int) $digits]));

            return 'Stock of '.(count($skus) === 1 ? $skus[0]->code : count($skus).' SKUs').' set to '.(int) $digits;
        });
    }
}
