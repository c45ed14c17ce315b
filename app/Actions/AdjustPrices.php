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
use Core\Details\PricePlan;
use Core\Details\RuleChange;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\OwnPrices;

/** Says what a value of a product adds to the price of its SKUs: an amount, a percentage, or both. */
final class AdjustPrices
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /**
     * Both as typed; nothing takes it away. The value may be one of an axis that sleeps, at which the product stands:
     * letting go of what it added is the same.
     */
    public function run(Change $change, int $valueId, string $amount, string $percent): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($valueId, $amount, $percent): string {
            $standing = $loaded->prices->standingLabels()[$valueId] ?? null;
            $axis = $standing === null ? ProductAxis::having($loaded, $valueId) : null;
            $label = $standing ?? "{$axis?->name} {$axis?->value($valueId)?->label}";
            $adjustment = Adjustment::typed($amount, $percent, Currency::of($loaded->product->currency));
            $rule = RuleChange::saying($loaded->prices, $valueId, $label, $adjustment);
            PricePlan::byRule($rule, $loaded->prices, $loaded->pricedSkus(), OwnPrices::Stay);
            DetailRows::storeAdjustments($ledger, $loaded->product->id, [$valueId => $adjustment]);
            $was = ($loaded->prices->adjustments[$valueId] ?? new Adjustment())->inWords();
            $isAt = fn (SkuRow $sku): bool => $axis === null || $sku->cell->value($axis->id) === $valueId;
            $own = count(array_filter($loaded->made, fn (SkuRow $sku): bool => $sku->price !== null && $isAt($sku)));

            return "Price at {$label} set to ".($adjustment->inWords() ?: 'no adjustment')
                .' (was '.($was ?: 'none').')'
                .($own === 0 ? '' : "; {$own} with a price of their own stay");
        });
    }
}
