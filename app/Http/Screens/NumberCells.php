<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Catalog\SkuRow;
use App\Http\Lens;
use Core\Codes\Gtin;
use Core\Details\PriceList;
use Core\Matrix\Matrix;
use Core\Stock\Availability;
use Core\Stock\StockBook;
use Core\Text\Day;

/** Cells of SKUs as the lenses of numbers draw them. */
final readonly class NumberCells
{
    public function __construct(
        private Matrix $matrix,
        private Lens $lens,
        private PriceList $prices,
        private StockBook $book,
        private Day $today,
    ) {
    }

    public function cell(SkuRow $sku): BoardCell
    {
        $place = $this->matrix->inWords($sku->cell);

        return match ($this->lens) {
            Lens::Prices => $this->price($sku, $place),
            Lens::Stock => $this->stock($sku, $place),
            Lens::Gtin => new BoardCell($sku->cell->key, 'made', $place, text: $sku->gtin ?? '–', note: $sku->gtin !== null && Gtin::restriction($sku->gtin) !== null ? 'restricted' : ''),
            Lens::Weight => new BoardCell($sku->cell->key, 'made', $place, text: $sku->weightG === null ? '–' : "{$sku->weightG} g", note: $sku->weightG === null ? 'not weighed' : ''),
            default => new BoardCell($sku->cell->key, 'made', $place, text: $sku->code),
        };
    }

    private function stock(SkuRow $sku, string $place): BoardCell
    {
        $availability = $this->book->availability($sku->cell, $sku->stock, $this->today);
        $notes = array_filter([
            $availability === Availability::InStock ? '' : $availability->value,
            $sku->stock !== null && $this->book->counting->isShared() ? 'shared' : '',
        ]);

        return new BoardCell($sku->cell->key, 'made', $place, text: $sku->stock === null ? '–' : number_format($sku->stock), note: implode(' · ', $notes), look: $availability === Availability::InStock ? '' : str_replace(' ', '-', $availability->value));
    }

    private function price(SkuRow $sku, string $place): BoardCell
    {
        $price = $this->prices->price($sku->cell, $sku->price);

        $sale = $this->prices->sale($sku->cell);
        $notes = array_filter([$price->isNeedless() ? 'own, as the rule' : ($price->isOwn() ? 'own' : ''), match (true) {
            $sale === null => '',
            $sale->isOn($this->today) => "sale {$sale->price->shown()}",
            $sale->from !== null && $this->today->isBefore($sale->from) => 'sale to come',
            default => '',
        }]);

        return new BoardCell($sku->cell->key, 'made', $place, text: $price->effective()?->shown() ?? '–', note: implode(' · ', $notes), warns: $price->effective() === null || $sale?->isBelow($price->effective()) === false);
    }
}
