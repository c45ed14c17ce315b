<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\SkuRow;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Core\Pricing\Money;

/** Sets one price for all selected SKUs; an empty price leaves them at the product's. */
final class SetPrices
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, string $selected, string $typed): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected, $typed): string {
            $skus = SelectedSkus::of($selected, $loaded);
            $price = trim($typed) === '' ? null : Money::read($typed, $loaded->product->currency);
            $ledger->update('skus', array_fill_keys(array_map(fn (SkuRow $sku): int => $sku->id, $skus), ['price' => $price]));
            $whose = count($skus) === 1 ? $skus[0]->code : count($skus).' SKUs';

            return $price === null
                ? "{$whose}: the product’s price"
                : 'Price of '.$whose.' set to '.Money::show($price, $loaded->product->currency);
        });
    }
}
