<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Files\BarcodeDrawing;
use App\Store\Products\LoadedProduct;
use Core\Codes\Barcode;
use Core\Product\Sku;

/** Labels of SKUs with their barcodes, as many of each as are wanted. */
final readonly class LabelScreen
{
    /** More labels are not drawn on one page. */
    public const MOST = 2_000;

    /**
     * @param  list<Sku>  $skus
     * @param  array<int, int>  $copies  SKU id => labels; one where nothing is said
     */
    public function __construct(public LoadedProduct $loaded, public array $skus, private array $copies) {}

    /** @return int labels of a SKU */
    public function copies(Sku $sku): int
    {
        return max(0, min(self::MOST, $this->copies[$sku->id] ?? 1));
    }

    /** @return list<Sku> one to a label */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->skus as $sku) {
            $more = min($this->copies($sku), self::MOST - count($labels));
            array_push($labels, ...array_fill(0, $more, $sku));
        }

        return $labels;
    }

    public function isCut(): bool
    {
        return array_sum(array_map($this->copies(...), $this->skus)) > self::MOST;
    }

    /** @return int SKUs that have no GTIN: their labels have no bars */
    public function withoutGtin(): int
    {
        return count(array_filter($this->skus, fn(Sku $sku): bool => $sku->gtin === null));
    }

    /** The bars as SVG; null where the SKU has no GTIN. */
    public function barcode(Sku $sku): ?string
    {
        return $sku->gtin === null ? null : BarcodeDrawing::svg(Barcode::of($sku->gtin));
    }

    /** What there is of a SKU, or a dash where nobody has counted it. */
    public function units(Sku $sku): string
    {
        $units = $this->loaded->core->units($sku);

        return $units === null ? '–' : number_format($units);
    }

    public function price(Sku $sku): string
    {
        $price = $this->loaded->core->price($sku);

        return $price === null ? '' : "{$price->shown()} {$price->currency->code}";
    }
}
