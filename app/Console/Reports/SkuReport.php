<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Store\Products\LoadedProduct;
use App\Store\ShopDay;
use Core\Details\DetailReader;
use Core\Pricing\PriceStep;
use Core\Product\Sku;

/** Everything about a SKU and why, in the shape that the exchange format fixes. */
final readonly class SkuReport
{
    public function __construct(private GalleryReport $galleries) {}

    /** @return array<string, mixed> */
    public function of(LoadedProduct $loaded, Sku $sku): array
    {
        $reader = new DetailReader($loaded->core->prices->currency);
        $details = [];
        foreach ($loaded->core->state->details->details->allAt($sku->cell, $loaded->core->matrix) as $said) {
            $details[$said->kind->value] = [
                'text' => $said->text,
                'words' => $reader->inWords($said->kind, $said->text),
                'own' => $said->isOwn,
            ];
        }

        return [
            'sku' => $sku->code,
            'product' => $loaded->product->code,
            'state' => $sku->state->value,
            'choice' => (object) $loaded->core->choiceOf($sku),
            'price' => $this->price($loaded, $sku),
            'stock' => [
                'count' => $loaded->core->units($sku),
                'counted_by' => $loaded->core->book->counting->value,
                'state' => $loaded->core->availability($sku, ShopDay::today())->value,
            ],
            'gtin' => $sku->gtin,
            'code' => ['text' => $sku->code, 'typed' => $sku->isCodeTyped],
            'weight_g' => $sku->weightG,
            'texts' => (object) $sku->texts,
            'details' => (object) $details,
        ] + $this->galleries->sku($loaded, $sku);
    }

    /** @return array<string, mixed> */
    private function price(LoadedProduct $loaded, Sku $sku): array
    {
        $price = $loaded->core->prices->price($sku->cell, $sku->price);
        $sale = $loaded->core->prices->sale($sku->cell);
        $today = $loaded->core->saleNow($sku, ShopDay::today());
        $margin = $loaded->core->prices->margin($sku->cell, $today->price ?? $price->effective());

        return [
            'amount' => $price->effective()?->shown(),
            'currency' => $loaded->core->prices->currency->code,
            'own' => $price->own?->shown(),
            'overrides' => $price->own === null ? null : $price->ruled?->shown(),
            'steps' => array_map(
                fn(PriceStep $step): array => [
                    'what' => $step->what,
                    'change' => $step->change,
                    'amount' => $step->shown($loaded->core->prices->currency),
                ],
                $price->steps,
            ),
            'sale' =>
                $sale === null
                    ? null
                    : [
                        'amount' => $sale->price->shown(),
                        'from' => $sale->from?->iso,
                        'until' => $sale->until?->iso,
                        'today' => $today !== null,
                    ],
            'list_price' => $loaded->core->prices->listPrice($sku->cell)?->shown(),
            'cost' => $loaded->core->prices->cost($sku->cell)?->shown(),
            'margin' =>
                $margin === null
                    ? null
                    : [
                        'amount' => $margin->amount()->shown(),
                        'percent' => $margin->percent() === null ? null : (string) $margin->percent(),
                    ],
        ];
    }
}
