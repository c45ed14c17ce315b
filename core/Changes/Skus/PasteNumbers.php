<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\CoreException;
use Core\Details\Counting;
use Core\Matrix\Combination;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\StockField;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Writes a block of a spreadsheet into the cells of the matrix: all of it, or nothing where one cell cannot be read.
 */
final readonly class PasteNumbers implements SkuChange
{
    /** @param  array<string, TypedCell>  $typed  by the key of the cell */
    public function __construct(private Selection $selection, private SkuField $field, private array $typed) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        if ($this->field->key() === StockField::KEY && $chosen->book->counting !== Counting::Sku) {
            throw new Refusal(
                "Stock is counted for {$chosen->book->counting->inWords()} here, so that a block of figures for single SKUs" .
                    ' says nothing. Type the units, or count for each SKU.',
                RefusalKind::Impossible,
                'block',
            );
        }
        $skus = [];
        foreach ($chosen->skus as $sku) {
            $skus[$sku->cell->key] = $sku;
        }
        $written = [];
        foreach ($this->typed as $key => $cell) {
            $sku = $skus[$key] ?? null;
            if ($sku === null && $cell->text !== '') {
                throw $this->refusal($chosen, (string) $key, $cell, 'no SKU is on offer there', RefusalKind::Gone);
            }
            if ($sku !== null) {
                $written[$key] = $this->written($chosen, $sku, $cell);
            }
        }
        if ($written === []) {
            throw new Refusal('No SKU is on offer in these cells.', RefusalKind::Missing, 'block');
        }
        match ($this->field->key()) {
            CodeField::KEY => $this->refuseTakenCodes($chosen, $written, $skus, $catalog),
            GtinField::KEY => $this->refuseTakenGtins($chosen, $written, $catalog),
            default => null,
        };
        $count = count($written);

        return new Changed(
            $chosen->product->state->withSkus($written),
            "Pasted {$count} {$this->field->inWords($count)} onto {$chosen->place()}",
        );
    }

    private function written(ChosenSkus $chosen, Sku $sku, TypedCell $cell): Sku
    {
        try {
            return $this->field->written($sku, $cell->text, $chosen->prices->currency);
        } catch (CoreException $problem) {
            throw $this->refusal(
                $chosen,
                $sku->cell->key,
                $cell,
                rtrim($problem->getMessage(), '.'),
                RefusalKind::Unreadable,
            );
        }
    }

    /**
     * A code is refused that comes twice, or that another has; SKUs of one block may exchange theirs.
     *
     * @param  array<string, Sku>  $written  by the key of the cell
     * @param  array<string, Sku>  $before  by the key of the cell
     */
    private function refuseTakenCodes(ChosenSkus $chosen, array $written, array $before, Catalog $catalog): void
    {
        $isOther = fn(Sku $sku): bool => mb_strtoupper($sku->code) !== mb_strtoupper($before[$sku->cell->key]->code);
        $changed = array_filter($written, $isOther);
        $taken = $catalog->codes(
            array_values(array_map(fn(Sku $sku): string => $sku->code, $changed)),
            $chosen->matrix->axes === [] ? $chosen->product->state->details->code : null,
            array_values(array_map(fn(Sku $sku): int => $sku->id, $written)),
        );
        $met = [];
        foreach ($written as $key => $sku) {
            $upper = mb_strtoupper($sku->code);
            $owner = $met[$upper] ?? (isset($changed[$key]) ? $taken[$upper] ?? null : null);
            if ($owner !== null) {
                throw $this->refusal(
                    $chosen,
                    (string) $key,
                    $this->typed[$key],
                    "{$sku->code} is the code of {$owner}",
                    RefusalKind::Taken,
                );
            }
            $met[$upper] = 'another cell of the block';
        }
    }

    /** @param  array<string, Sku>  $written  by the key of the cell */
    private function refuseTakenGtins(ChosenSkus $chosen, array $written, Catalog $catalog): void
    {
        $numbered = array_filter($written, fn(Sku $sku): bool => $sku->gtin !== null);
        $taken = $catalog->gtins(
            array_values(array_map(fn(Sku $sku): string => (string) $sku->gtin, $numbered)),
            array_values(array_map(fn(Sku $sku): int => $sku->id, $written)),
        );
        $met = [];
        foreach ($numbered as $key => $sku) {
            $same = ltrim((string) $sku->gtin, '0');
            $owner = $met[$same] ?? ($taken[(string) $sku->gtin] ?? null);
            if ($owner !== null) {
                throw $this->refusal(
                    $chosen,
                    (string) $key,
                    $this->typed[$key],
                    "{$sku->gtin} is the GTIN of {$owner}",
                    RefusalKind::Taken,
                );
            }
            $met[$same] = 'another cell of the block';
        }
    }

    private function refusal(ChosenSkus $chosen, string $key, TypedCell $cell, string $why, RefusalKind $kind): Refusal
    {
        $named = $chosen->matrix->inWordsOr(Combination::fromKey($key), 'the product');

        return new Refusal(
            "Row {$cell->row}, column {$cell->column} ({$named}): {$why}. Nothing was changed.",
            $kind,
            'block',
            $cell->row,
            (string) $cell->column,
        );
    }
}
