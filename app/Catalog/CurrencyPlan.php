<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Pricing\Currency;
use Core\Pricing\Money;

/** What becomes of a product's prices in another currency: every amount once. */
final readonly class CurrencyPlan
{
    /** @var list<CurrencyStep> */
    public array $steps;

    public function __construct(LoadedProduct $loaded, public Currency $to)
    {
        $prices = array_filter([$loaded->basePrice, ...array_map(fn (SkuRow $sku): ?Money => $sku->price, $loaded->skus)]);
        usort($prices, fn (Money $a, Money $b): int => $a->amount->compareTo($b->amount));
        $steps = [];
        foreach ($prices as $price) {
            $key = $price->shown();
            $steps[$key] = new CurrencyStep($price, $price->roundedIn($to), $price->in($to) === null, ($steps[$key]->count ?? 0) + 1);
        }
        $this->steps = array_values($steps);
    }

    /** @return list<CurrencyStep> amounts that the currency cannot have */
    public function rounded(): array
    {
        return array_values(array_filter($this->steps, fn (CurrencyStep $step): bool => $step->isRounded));
    }

    public function inWords(): string
    {
        $rounded = $this->rounded();

        return match (true) {
            $this->steps === [] => 'there is no price yet',
            $rounded === [] => 'every number stays as it is',
            default => implode(', ', array_map(fn (CurrencyStep $step): string => "{$step->from->shown()} became {$step->to->shown()}", $rounded)),
        };
    }
}
