<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\Http\Requests\ProductRequest;
use App\Store\Products\LoadedProduct;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Checks\DetailCheck;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\Prices\LadderPrice;
use Core\Details\Prices\PriceLadder;
use Core\Details\Prices\PricePlan;
use Core\Pricing\Margin;
use Core\Pricing\Money;
use Core\Product\Sku;
use Core\Reach\Wording;

/** How the prices of a product come about. */
final readonly class PriceScreen implements PageScreen
{
    /** Kinds of which parts may say otherwise. */
    private const OWN = [DetailKind::ListPrice, DetailKind::Cost, DetailKind::Ending, DetailKind::Sale];

    /** @var array<int, list<Money>> value id => prices of its SKUs */
    private array $byValue;

    /** @param  array<int, Money>  $prices  by SKU id; none of those that have none */
    private function __construct(public LoadedProduct $loaded, private array $prices, public LadderDrawing $ladder)
    {
        $byValue = [];
        foreach ($loaded->core->made as $sku) {
            foreach (isset($prices[$sku->id]) ? $sku->cell->values : [] as $valueId) {
                $byValue[$valueId][] = $prices[$sku->id];
            }
        }
        $this->byValue = $byValue;
    }

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        return self::of($loaded);
    }

    public static function of(LoadedProduct $loaded): self
    {
        $prices = $steps = [];
        foreach ($loaded->core->made as $sku) {
            $price = $loaded->core->price($sku);
            if ($price !== null) {
                $prices[$sku->id] = $price;
                $steps[] = new LadderPrice($sku->cell, $price, $sku->price !== null);
            }
        }

        return new self(
            $loaded,
            $prices,
            new LadderDrawing($loaded->core->matrix, new PriceLadder($loaded->core->matrix, $steps)),
        );
    }

    /** "49.00–54.00 EUR over 60 SKUs, 2 with a price of their own, 1 without a price" */
    public function summary(): string
    {
        $count = count($this->loaded->core->made);
        $own = count(array_filter($this->loaded->core->made, fn(Sku $sku): bool => $sku->price !== null));
        $without = $count - count($this->prices);
        $range = Money::range(array_values($this->prices));

        return ($range === '' ? 'No price yet' : "{$range} {$this->loaded->product->currency}") .
            ' over ' .
            number_format($count) .
            ($count === 1 ? ' SKU' : ' SKUs') .
            ($own === 0
                ? ''
                : ', ' . number_format($own) . ' with a price of ' . ($own === 1 ? 'its' : 'their') . ' own') .
            ($without === 0 ? '' : ', ' . number_format($without) . ' without a price');
    }

    /** "12 own prices are just what the rule makes"; empty where none is. */
    public function needless(): string
    {
        $count = count(PricePlan::ofNeedless($this->loaded->core->prices, $this->loaded->core->pricedSkus())->own);

        return match ($count) {
            0 => '',
            1 => 'One own price is just what the rule makes',
            default => number_format($count) . ' own prices are just what the rule makes',
        };
    }

    /** The least and the greatest margin, in a sale as well; empty where no cost is known. */
    public function margins(): string
    {
        $prices = $this->loaded->core->prices;
        $margins = [];
        foreach ($this->loaded->core->made as $sku) {
            $price = $this->prices[$sku->id] ?? null;
            $sale = $prices->sale($sku->cell);
            $margins[] = $prices->margin($sku->cell, $price);
            $margins[] = $sale !== null && $sale->isBelow($price) ? $prices->margin($sku->cell, $sale->price) : null;
        }
        $margins = array_values(array_filter($margins));
        usort(
            $margins,
            fn(Margin $a, Margin $b): int => ($a->percent() ?? $a->amount()->amount)->compareTo(
                $b->percent() ?? $b->amount()->amount,
            ),
        );

        return match (true) {
            $margins === [] => '',
            $margins[0]->inWords() === $margins[count($margins) - 1]->inWords() => $margins[0]->inWords(),
            default => "{$margins[0]->inWords()} to {$margins[count($margins) - 1]->inWords()}",
        };
    }

    /** The prices of a value's SKUs; empty where there is none. */
    public function range(int $valueId): string
    {
        return Money::range($this->byValue[$valueId] ?? []);
    }

    /** @return list<array{string, string, string}> "Sale", "Moss", what is said there; then its reach as a selection */
    public function parts(): array
    {
        $reader = new DetailReader($this->loaded->core->prices->currency);
        $parts = [];
        foreach (self::OWN as $kind) {
            foreach ($this->loaded->core->state->details->details->parts($kind) as $part) {
                if (!$part->reach->activeIn($this->loaded->core->matrix)->isNothing()) {
                    $parts[] = [
                        $kind->label(),
                        (new Wording())->say($part->reach, $this->loaded->core->matrix),
                        $part->text === '' ? 'none there' : $reader->inWords($kind, $part->text),
                    ];
                }
            }
        }

        return $parts;
    }

    /** @return list<string> what is doubtful about prices, in sentences */
    public function doubts(): array
    {
        $doubts = [];
        foreach (Checks::findings(new CheckedProduct($this->loaded->core), DetailCheck::cases()) as $finding) {
            $places = $this->listed(
                array_map(
                    fn(string $key): string => $this->loaded->core->placeOf($this->loaded->core->made[$key]),
                    $finding->cells,
                ),
            );
            $doubts[] = match ($finding->check) {
                DetailCheck::SaleNotBelow
                    => "The sale is not below the regular price: {$places}. Shoppers pay the regular one.",
                DetailCheck::TooHigh => "The rules make more than any price can be, so that there is none: {$places}.",
                DetailCheck::BelowCost => "Sold below cost: {$places}.",
                DetailCheck::SaleBelowCost => "Sold below cost in a sale: {$places}.",
                default => '',
            };
        }
        $doubts = array_values(array_filter($doubts, fn(string $doubt): bool => $doubt !== ''));
        $cheapest = $this->cheapest();

        return [...$doubts, ...$cheapest === null ? [] : $this->loaded->core->prices->breaks()->doubts($cheapest)];
    }

    private function cheapest(): ?Money
    {
        $prices = array_values($this->prices);
        usort($prices, fn(Money $a, Money $b): int => $a->amount->compareTo($b->amount));

        return $prices[0] ?? null;
    }

    /** @param  list<string>  $places */
    private function listed(array $places): string
    {
        return implode('; ', array_slice($places, 0, 5)) .
            (count($places) > 5 ? ' and ' . number_format(count($places) - 5) . ' more' : '');
    }
}
