<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Product\Plans\CurrencyPlan;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;

/** Sells a product in another currency: the numbers stay, rounded where the currency cannot have them. */
final readonly class SellIn implements ProductChange
{
    /** @param  bool  $round  whether somebody has looked at what is rounded */
    public function __construct(private string $code, private bool $round) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $currency = Currency::of($this->code);
        $plan = new CurrencyPlan($product, $currency);
        if ($plan->rounded() !== [] && !$this->round) {
            throw new Refusal(
                "{$currency->code} cannot have {$plan->rounded()[0]->from->shown()}. Look at what becomes of the prices, and change them with rounding, or type others first.",
                RefusalKind::Impossible,
                'round',
            );
        }

        return new Changed(
            $this->sold($product->state, $currency),
            "Currency set to {$currency->code} (was {$product->state->details->currency->code}): {$plan->inWords()}",
        );
    }

    private function sold(ProductState $state, Currency $currency): ProductState
    {
        $details = $state->details;
        $adjustments = array_map(
            fn(Adjustment $one): Adjustment => new Adjustment($one->amount?->roundedIn($currency), $one->percent),
            $details->adjustments,
        );
        $priced = $details
            ->pricedBy($details->basePrice?->roundedIn($currency), $adjustments)
            ->saying($details->details->inCurrency($details->currency, $currency))
            ->with(['currency' => $currency]);

        return $state
            ->withDetails($priced)
            ->withSkus(array_map(fn(Sku $sku): Sku => $sku->priceOf($sku->price?->roundedIn($currency)), $state->skus));
    }
}
