<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\CurrencyPlan;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Amounts;
use App\Store\DetailRows;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a product's prices another currency: the numbers stay. Those that the currency cannot have are rounded only where somebody said so. */
final class ChangeCurrency
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    public function run(Change $change, string $code, bool $round): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($code, $round): string {
            $currency = Currency::of($code);
            $plan = new CurrencyPlan($loaded, $currency);
            if ($plan->rounded() !== [] && ! $round) {
                throw new Refusal("{$currency->code} cannot have {$plan->rounded()[0]->from->shown()}. Look at what becomes of the prices, and change them with rounding, or type others first.", RefusalKind::Impossible, 'round');
            }
            $new = fn (?Money $price): ?string => Amounts::stored($price?->roundedIn($currency));
            $ledger->update('products', [$loaded->product->id => ['currency' => $currency->code, 'price' => $new($loaded->prices->base)]]);
            $prices = [];
            foreach ($loaded->skus as $sku) {
                $prices[$sku->id] = ['price' => $new($sku->price)];
            }
            $ledger->update('skus', $prices);
            DetailRows::store($ledger, $loaded->product->id, $loaded->details->inCurrency(Currency::of($loaded->product->currency), $currency));
            DetailRows::storeAdjustments($ledger, $loaded->product->id, array_map(fn (Adjustment $one): Adjustment => new Adjustment($one->amount?->roundedIn($currency), $one->percent), $loaded->prices->adjustments));

            return "Currency set to {$currency->code} (was {$loaded->product->currency}): {$plan->inWords()}";
        });
    }
}
