<?php

declare(strict_types=1);

namespace Core\Product\Plans;

use Core\Details\DetailKind;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Product;
use Core\Product\Sku;

/** What becomes of a product's prices, and of all else that is money, in another currency: every amount once. */
final readonly class CurrencyPlan
{
    /** @var list<CurrencyStep> */
    public array $steps;

    /** Whether an ending of prices goes, because no price in the new currency ends so. */
    public bool $losesEndings;

    public function __construct(Product $product, public Currency $to)
    {
        $prices = array_values(
            array_filter([
                $product->prices->base,
                ...array_map(fn(Sku $sku): ?Money => $sku->price, $product->state->skus),
                ...array_map(
                    fn(Adjustment $adjustment): ?Money => $adjustment->amount,
                    array_values($product->state->details->adjustments),
                ),
                ...$product->state->details->details->amounts($product->prices->currency),
            ]),
        );
        $this->losesEndings = !$product->state->details->details
            ->inCurrency($product->prices->currency, $to)
            ->hasAsMany($product->state->details->details, DetailKind::Ending);
        usort($prices, fn(Money $a, Money $b): int => $a->amount->compareTo($b->amount));
        $steps = [];
        foreach ($prices as $price) {
            $key = $price->shown();
            $steps[$key] = new CurrencyStep(
                $price,
                $price->roundedIn($to),
                $price->in($to) === null,
                ($steps[$key]->count ?? 0) + 1,
            );
        }
        $this->steps = array_values($steps);
    }

    /** @return list<CurrencyStep> amounts that the currency cannot have */
    public function rounded(): array
    {
        return array_values(array_filter($this->steps, fn(CurrencyStep $step): bool => $step->isRounded));
    }

    public function inWords(): string
    {
        $rounded = $this->rounded();

        return ($this->losesEndings ? 'prices have no ending any more; ' : '') .
            match (true) {
                $this->steps === [] => 'there is no price yet',
                $rounded === [] => 'every number stays as it is',
                default => implode(
                    ', ',
                    array_map(
                        fn(CurrencyStep $step): string => "{$step->from->shown()} became {$step->to->shown()}",
                        $rounded,
                    ),
                ),
            };
    }
}
