<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Details\Prices\PricePlan;
use Core\Product\ChosenSkus;
use Core\Reach\Selection;

/** Lets go of own prices that are just what the rule makes. */
final readonly class LetGoOfNeedlessPrices implements SkuChange
{
    public function selection(): Selection
    {
        return Selection::whole();
    }

    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $plan = PricePlan::ofNeedless($chosen->prices, $chosen->pricedSkus());
        $count = count($plan->own);

        return new Changed(
            $chosen->product->state->withSkus(PriceSkus::priced($chosen->skus, $plan)),
            number_format($count) .
                ($count === 1 ? ' own price that is' : ' own prices that are') .
                ' what the rule makes let go of',
        );
    }
}
