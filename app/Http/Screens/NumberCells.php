<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Catalog\SkuRow;
use App\Http\Lens;
use Core\Details\PriceList;
use Core\Matrix\Matrix;
use Core\Text\Day;

/** Cells of SKUs as the lenses of numbers draw them. */
final readonly class NumberCells
{
    public function __construct(
        private Matrix $matrix,
        private Lens $lens,
        private PriceList $prices,
        private Day $today,
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
        $price = $this->prices->price($sku->cell, $sku->price);

        $sale = $this->prices->sale($sku->cell);
        $isBelow = $sale === null || ($price->effective() !== null && $sale->price->isLessThan($price->effective()));
        $notes = array_filter([$price->isOwn() ? 'own' : '', match (true) {
            $sale === null => '',
            $sale->isOn($this->today) => "sale {$sale->price->shown()}",
            $sale->from !== null && $this->today->isBefore($sale->from) => 'sale to come',
            default => '',
        }]);

        return new BoardCell($sku->cell->key, 'made', $place, text: $price->effective()?->shown() ?? '–', note: implode(' · ', $notes), warns: $price->effective() === null || ! $isBelow);
    }
}
