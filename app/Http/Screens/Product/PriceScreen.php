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
use Core\Pricing\QuantityBreak;
use Core\Product\Sku;
use Core\Reach\Wording;
use Core\Text\NumberReader;

/** How the prices of a product come about. */
final readonly class PriceScreen implements PageScreen
{
    /** Prices that stand out and are listed. */
    private const MOST_ODD = 20;

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

        return trans_choice('product.prices_over_skus', $count, [
            'range' => $range === '' ? __('product.no_price_yet') : "{$range} {$this->loaded->product->currency}",
            'count' => $count,
            'own' =>
                $own === 0
                    ? ''
                    : __('product.own_prices', [
                        'own' => number_format($own),
                        'whose' => $own === 1 ? __('product.its') : __('product.their'),
                    ]),
            'without' =>
                $without === 0 ? '' : __('product.without_without_a_price', ['without' => number_format($without)]),
        ]);
    }

    /** "12 own prices are just what the rule makes"; empty where none is. */
    public function needless(): string
    {
        $count = count(PricePlan::ofNeedless($this->loaded->core->prices, $this->loaded->core->pricedSkus())->own);

        return match ($count) {
            0 => '',
            1 => __('product.one_own_price_is_just_what'),
            default => __('product.count_own_prices_are_just_what', ['count' => $count]),
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
            default => __('product.margin_range', [
                'from' => $margins[0]->inWords(),
                'to' => $margins[count($margins) - 1]->inWords(),
            ]),
        };
    }

    /** The prices of a value's SKUs; empty where there is none. */
    public function range(int $valueId): string
    {
        return Money::range($this->byValue[$valueId] ?? []);
    }

    /** @return list<PartDetail> */
    public function parts(): array
    {
        $reader = new DetailReader($this->loaded->core->prices->currency);
        $parts = [];
        foreach (self::OWN as $kind) {
            foreach ($this->loaded->core->state->details->details->parts($kind) as $part) {
                if (!$part->reach->activeIn($this->loaded->core->matrix)->isNothing()) {
                    $parts[] = new PartDetail(
                        $kind,
                        (new Wording())->say($part->reach, $this->loaded->core->matrix),
                        $part->text === '' ? __('product.none_there') : $reader->inWords($kind, $part->text),
                    );
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
            $doubts[] = (string) match ($finding->check) {
                DetailCheck::SaleNotBelow => __('product.the_sale_is_not_below_the', ['places' => $places]),
                DetailCheck::TooHigh => __('product.the_rules_make_more_than_any', ['places' => $places]),
                DetailCheck::BelowCost => __('product.sold_below_cost_places', ['places' => $places]),
                DetailCheck::SaleBelowCost => __('product.sold_below_cost_in_a_sale', ['places' => $places]),
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

    /** "Color, then Size" */
    public function axesInWords(): string
    {
        $names = array_column($this->loaded->core->matrix->axes, 'name');

        return $names === [] ? __('prices.the_product') : implode(__('prices.then'), $names);
    }

    /** @return list<LadderSpot> those that stand out, the first of them */
    public function firstOdd(): array
    {
        return array_slice($this->ladder->odd(), 0, self::MOST_ODD);
    }

    /** The base price as it is typed; empty where there is none. */
    public function baseTyped(): string
    {
        $base = $this->loaded->core->prices->base;

        return $base === null ? '' : NumberReader::again($base->amount);
    }

    /** @return list<BreakRow> with empty ones for more where they can be typed */
    public function breaks(bool $canEdit): array
    {
        $breaks = [...$this->loaded->core->prices->breaks()->breaks, ...$canEdit ? [null, null] : []];

        return array_map(
            fn(int $at, ?QuantityBreak $break): BreakRow => new BreakRow($at, $break),
            array_keys($breaks),
            $breaks,
        );
    }
}
