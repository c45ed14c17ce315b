<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Details\Prices\PricePlan;
use Core\Details\Prices\RuleChange;
use Core\Matrix\Axis;
use Core\Pricing\Adjustment;
use Core\Pricing\OwnPrices;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Says what a value of a product adds to the price of its SKUs: an amount, a percentage, or both. The value may be one
 * of an axis that sleeps, at which the product stands: letting go of what it added is the same.
 */
final readonly class AdjustValuePrice implements ProductChange
{
    /**
     * @param  string  $amount  as typed; nothing for none
     * @param  string  $percent  as typed; nothing for none
     * @param  bool  $isOfMany  whether products that do not have the value stay as they are
     */
    public function __construct(
        private int $valueId,
        private string $amount,
        private string $percent,
        private bool $isOfMany = false,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $adjustment = Adjustment::typed($this->amount, $this->percent, $product->prices->currency);
        $standing = $product->prices->standingLabels()[$this->valueId] ?? null;
        $axis = $standing === null ? $product->matrix->axisOf($this->valueId) : null;
        if ($standing === null && $axis === null) {
            return $this->isOfMany
                ? new Changed($product->state, '')
                : throw new Refusal(
                    'This value is no longer on the product. Look at its axes again.',
                    RefusalKind::Gone,
                );
        }
        $label = $standing ?? "{$axis->name} {$product->prices->labelOf($this->valueId)}";
        $rule = RuleChange::saying($product->prices, $this->valueId, $label, $adjustment);
        PricePlan::byRule($rule, $product->prices, $product->pricedSkus(), OwnPrices::Stay);
        $details = $product->state->details;
        $was = ($details->adjustments[$this->valueId] ?? new Adjustment())->inWords();
        $own = $this->ownPrices($product, $axis);

        return new Changed(
            $product->state->withDetails(
                $details->pricedBy($details->basePrice, [$this->valueId => $adjustment] + $details->adjustments),
            ),
            "Price at {$label} set to " .
                ($adjustment->inWords() ?: 'no adjustment') .
                ' (was ' .
                ($was ?: 'none') .
                ')' .
                ($own === 0 ? '' : "; {$own} with a price of their own stay"),
        );
    }

    private function ownPrices(Product $product, ?Axis $axis): int
    {
        $isAt = fn(Sku $sku): bool => $axis === null || $sku->cell->value($axis->id) === $this->valueId;

        return count(array_filter($product->made, fn(Sku $sku): bool => $sku->price !== null && $isAt($sku)));
    }
}
