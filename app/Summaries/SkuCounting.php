<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Amounts;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\CoverageRow;
use Core\Matrix\Axis;
use Core\Product\Sku;

/** What is looked for of SKUs across products, counted from the product itself. */
final readonly class SkuCounting
{
    private const NONE = -1;

    private const NO_PRICE = '-1.0000';

    /** @return array<int, array<string, int|string>> rows of sku_summaries by SKU id: those on offer */
    public function of(LoadedProduct $loaded): array
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $loaded->core->matrix->pictureAxes());
        $rows = [];
        foreach ($loaded->core->made as $sku) {
            $rows[$sku->id] = $this->row(
                $loaded,
                $sku,
                $loaded->core->coverage()?->rows[$sku->cell->on($axisIds)->key] ?? null,
            );
        }

        return $rows;
    }

    /** @return array<string, int|string> */
    private function row(LoadedProduct $loaded, Sku $sku, ?CoverageRow $coverage): array
    {
        $gallery = $loaded->core->galleries()->of($sku->cell);

        return [
            'sku_id' => $sku->id,
            'product_id' => $loaded->product->id,
            'price' => Amounts::stored($loaded->core->price($sku)) ?? self::NO_PRICE,
            'has_own_price' => (int) ($sku->price !== null),
            'units' => $loaded->core->units($sku) ?? self::NONE,
            'pictures' => count($gallery->entries),
            'has_lead' => (int) ($gallery->lead() !== null),
            'missing' => $coverage?->lacks() ?? self::NONE,
        ];
    }
}
