<?php

declare(strict_types=1);

namespace Tests\Walk;

use App\Store\Products\LoadedProduct;
use Core\Details\Counting;
use Core\Details\DetailKind;

/** What SKUs cost, what parts say, and what picture combinations have in stock, as it stands. */
final readonly class Standing
{
    /** @var array<int, string> SKU id => what it costs */
    public array $prices;

    /** @var array<string, string> cell => what it costs */
    public array $cellPrices;

    /** @var array<string, string> kind and SKU id => what a part says there */
    public array $says;

    /** @var array<string, string> kind => what the product says */
    public array $wholes;

    /** @var array<string, int> picture combination in words => units that it shares */
    public array $units;

    public function __construct(LoadedProduct $loaded)
    {
        $prices = $cells = $says = $units = [];
        foreach ($loaded->core->made as $key => $sku) {
            $prices[$sku->id] = $cells[$key] = $loaded->core->price($sku)?->shown() ?? 'none';
            if ($loaded->core->book->counting === Counting::Pictures && $sku->stock !== null) {
                $units[$loaded->core->matrix->inWords($loaded->core->book->part($sku->cell))] = $sku->stock;
            }
        }
        $wholes = [];
        foreach (DetailKind::cases() as $kind) {
            $wholes[$kind->value] = $loaded->core->state->details->details->whole($kind);
            $finder = $loaded->core->state->details->details->finder($kind, $loaded->core->matrix);
            foreach ($finder->isNone() ? [] : $loaded->core->made as $sku) {
                if ($finder->isOwnAt($sku->cell)) {
                    $says["{$kind->value} {$sku->id}"] = $finder->at($sku->cell);
                }
            }
        }
        ksort($units);
        $this->prices = $prices;
        $this->cellPrices = $cells;
        $this->says = $says;
        $this->wholes = $wholes;
        $this->units = $units;
    }

    /** Whether a change of axes, as it stands afterwards, changes what is asked for any SKU that was on offer. */
    public function changesPrices(LoadedProduct $after): bool
    {
        foreach ($after->core->made as $key => $sku) {
            $was = isset($this->prices[$sku->id]) ? $this->cellPrices[$key] ?? $this->prices[$sku->id] : null;
            if ($was !== null && $was !== ($after->core->price($sku)?->shown() ?? 'none')) {
                return true;
            }
        }

        return false;
    }

    /** Whether units that a picture combination had are no longer just there. */
    public function movesUnits(self $after): bool
    {
        return array_diff_assoc($this->units, $after->units) !== [];
    }
}
