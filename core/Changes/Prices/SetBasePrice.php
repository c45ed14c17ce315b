<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Pricing\PriceChange;
use Core\Pricing\UnreadablePrice;
use Core\Product\Product;

/** Sets, raises or lowers the price of every SKU that has none of its own. */
final readonly class SetBasePrice implements ProductChange
{
    /** @param  string  $typed  "49.90", "+5", "-10 %", or nothing for none */
    public function __construct(private string $typed) {}

    /** @throws UnreadablePrice */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $details = $product->state->details;
        $change = PriceChange::typed($this->typed, $details->currency);
        $price = $change->withoutEnding($details->basePrice);
        if ($price === null && $change->isOfWhatIs()) {
            throw UnreadablePrice::nothingToRaise();
        }
        $set = $change->isOfWhatIs() ? "{$change->inWords()} to " : 'set to ';

        return new Changed(
            $product->state->withDetails($details->pricedBy($price, $details->adjustments)),
            "Price of the product {$set}" .
                ($price?->shown() ?? 'none') .
                ' (was ' .
                ($details->basePrice?->shown() ?? 'none') .
                ')',
        );
    }
}
