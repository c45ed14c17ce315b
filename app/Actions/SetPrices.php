<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\Amounts;
use App\Catalog\ChosenSkus;
use App\Catalog\SkuRow;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Reach\Selection;
use Core\Text\NumberReader;

/** Sets one price for all selected SKUs; an empty price leaves them at the product's. */
final class SetPrices implements Act
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($typed): string {
            $skus = $chosen->some();
            $price = trim($typed) === '' ? null : Money::typed($typed, Currency::of($chosen->product->currency));
            $ledger->update('skus', array_fill_keys(array_map(fn (SkuRow $sku): int => $sku->id, $skus), ['price' => Amounts::stored($price)]));
            $was = $chosen->prices() ?: 'none';

            return 'Price of '.$chosen->place().' set to '.($price === null ? 'the product’s' : $price->shown())." (was {$was})";
        });
    }

    public function inWords(array $wanted): string
    {
        $typed = trim((string) ($wanted['value'] ?? ''));

        return $typed === '' ? 'Price of every SKU set to the product’s' : 'Price of every SKU set to '.NumberReader::read($typed);
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, (string) ($wanted['value'] ?? ''));
    }
}
