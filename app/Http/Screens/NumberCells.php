<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Catalog\SkuRow;
use App\Http\Lens;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Pricing\SellingPrice;

/** Cells of SKUs as the lenses of numbers draw them. */
final readonly class NumberCells
{
    /** @param  ?Money  $basePrice  of every SKU that has none of its own */
    public function __construct(
        private Matrix $matrix,
        private Lens $lens,
        private ?Money $basePrice,
    ) {
    }

    public function cell(SkuRow $sku): BoardCell
    {
        $place = implode(', ', $this->matrix->choice($sku->cell));

        return match ($this->lens) {
            Lens::Prices => $this->price($sku, $place),
            Lens::Stock => new BoardCell($sku->cell->key, 'made', $place, text: $sku->stock === null ? '–' : number_format($sku->stock), note: $sku->stock === null ? 'not counted' : ($sku->isSoldOut() ? 'sold out' : '')),
            default => new BoardCell($sku->cell->key, 'made', $place, text: $sku->code),
        };
    }

    private function price(SkuRow $sku, string $place): BoardCell
    {
        $price = new SellingPrice($sku->price, $this->basePrice);

        return new BoardCell($sku->cell->key, 'made', $place, text: $price->effective()?->shown() ?? '–', note: $price->isOwn() ? 'own' : '', warns: $price->effective() === null);
    }
}
