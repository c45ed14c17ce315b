<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Details\Weight;
use Core\Product\Sku;
use Core\Reach\Selection;

/** Sets the weight of all selected SKUs, each the same; or says that nobody has weighed them. */
final class SetWeight
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string  $typed  in any unit, grams where none is typed; nothing where nobody has weighed them */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $grams = trim($typed) === '' ? null : Weight::typed($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($grams): string {
            $skus = $chosen->some();
            $ledger->update('skus', array_fill_keys(array_map(fn (Sku $sku): int => $sku->id, $skus), ['weight_g' => $grams]));
            $was = array_values(array_unique(array_map(fn (Sku $sku): string => $sku->weightG === null ? 'not weighed' : "{$sku->weightG} g", $skus)));

            return 'Weight of '.$chosen->place().' set to '.($grams === null ? 'not weighed' : "{$grams} g").' (was '.(count($was) > 3 ? count($was).' different' : implode(' or ', $was)).')';
        });
    }
}
