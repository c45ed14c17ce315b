<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DetailRows;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Catalog\SkuRow;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;

/** Says what a value of a product adds to the price of its SKUs: an amount, a percentage, or both. */
final class AdjustPrices
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** Both as typed; nothing takes it away. */
    public function run(Change $change, int $valueId, string $amount, string $percent): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($valueId, $amount, $percent): string {
            $axis = ProductAxis::having($loaded, $valueId);
            $adjustment = Adjustment::typed($amount, $percent, Currency::of($loaded->product->currency));
            $wanted = $loaded->prices->adjusted([$valueId => $adjustment] + $loaded->prices->adjustments);
            foreach ($loaded->made as $sku) {
                $price = $wanted->price($sku->cell, $sku->price);
                if ($price->isTooHigh) {
                    throw new Refused(
                        $loaded->placeOf($sku).' would cost more than any price can be. Add less, or give the product a lower price first.',
                        Kind::Impossible,
                        'amount',
                    );
                }
                if ($price->isBelowZero) {
                    throw new Refused($loaded->placeOf($sku).' would cost less than nothing. Take less away, or give the product a higher price first.', Kind::Impossible, 'amount');
                }
            }
            DetailRows::storeAdjustments($ledger, $loaded->product->id, [$valueId => $adjustment]);
            $was = ($loaded->prices->adjustments[$valueId] ?? new Adjustment())->inWords();
            $own = count(array_filter($loaded->made, fn (SkuRow $sku): bool => $sku->price !== null && $sku->cell->value($axis->id) === $valueId));

            return "Price at {$axis->name} {$axis->value($valueId)?->label} set to ".($adjustment->inWords() ?: 'no adjustment').' (was '.($was ?: 'none').')'.($own === 0 ? '' : "; {$own} with a price of their own stay");
        });
    }
}
