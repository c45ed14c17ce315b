<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Lens;
use Core\Details\Prices\PriceList;
use Core\Matrix\Matrix;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Product\SkuField\CodeField;
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
    ) {}

    public function cell(Sku $sku): BoardCell
    {
        $place = $this->matrix->inWords($sku->cell);

        return match (true) {
            $this->lens->isPrices() => $this->price($sku, $place),
            $this->lens->isStock() => $this->stock($sku, $place),
            default => $this->own($sku, $place, $this->lens->field ?? new CodeField()),
        };
    }

    private function own(Sku $sku, string $place, SkuField $field): BoardCell
    {
        $text = $field->shown($sku);

        return new BoardCell(
            $sku->cell->key,
            'made',
            $place,
            text: $text === '' ? '–' : $text,
            note: $field->note($sku),
        );
    }

    private function stock(Sku $sku, string $place): BoardCell
    {
        $units = $this->book->of($sku->cell, $sku->stock);
        $availability = $this->book->availability($sku->cell, $units, $this->today);
        $notes = array_filter([
            $availability === Availability::InStock ? '' : $availability->value,
            $units !== null && $this->book->counting->isShared() ? 'shared' : '',
        ]);

        return new BoardCell(
            $sku->cell->key,
            'made',
            $place,
            text: $units === null ? '–' : number_format($units),
            note: implode(' · ', $notes),
            look: $availability === Availability::InStock ? '' : str_replace(' ', '-', $availability->value),
        );
    }

    private function price(Sku $sku, string $place): BoardCell
    {
        $price = $this->prices->price($sku->cell, $sku->price);

        $sale = $this->prices->sale($sku->cell);
        $notes = array_filter([
            $price->isNeedless() ? __('board.own_as_the_rule') : ($price->isOwn() ? 'own' : ''),
            match (true) {
                $sale === null => '',
                $sale->isOn($this->today) => __('board.sale_price', ['price' => $sale->price->shown()]),
                $sale->from !== null && $this->today->isBefore($sale->from) => __('board.sale_to_come'),
                default => '',
            },
        ]);

        return new BoardCell(
            $sku->cell->key,
            'made',
            $place,
            text: $price->effective()?->shown() ?? '–',
            note: implode(' · ', $notes),
            warns: $price->effective() === null || $sale?->isBelow($price->effective()) === false,
        );
    }
}
