<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Details\Prices\PricePlan;
use Core\Pricing\PriceChange;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Gives all selected SKUs prices of their own: set, raised, lowered or rounded; an empty one gives them back to the
 * product.
 */
final readonly class PriceSkus implements SkuChange
{
    /**
     * @param  string  $typed  "49.90", "+5", "-10 %", or nothing
     * @param  string  $ending  in what each of them is to end from now on; nothing for none
     */
    public function __construct(private Selection $selection, private string $typed, private string $ending = '') {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $wanted = PriceChange::typed($this->typed, $chosen->prices->currency, $this->ending);
        $chosen->some();
        $plan = PricePlan::ofOwn($chosen->prices, $chosen->pricedSkus(), $wanted);
        if ($plan->own === []) {
            throw new Refusal(
                'None of these SKUs has a price that could be changed. Set one first.',
                RefusalKind::Impossible,
                'typed',
            );
        }
        $was = $chosen->pricesInWords();

        return new Changed(
            $chosen->product->state->withSkus(self::priced($chosen->skus, $plan)),
            "Price of {$chosen->place()} {$wanted->inWords()} (was " .
                ($was === '' ? 'none' : $was) .
                ')' .
                ($plan->without === 0 ? '' : "; {$plan->without} had none and have none"),
        );
    }

    /**
     * The SKUs whose own prices a plan says anew.
     *
     * @param  array<Sku>  $skus
     * @return list<Sku>
     */
    public static function priced(array $skus, PricePlan $plan): array
    {
        $said = array_filter($skus, fn(Sku $sku): bool => array_key_exists($sku->id, $plan->own));

        return array_values(array_map(fn(Sku $sku): Sku => $sku->priceOf($plan->own[$sku->id]), $said));
    }
}
