<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Codes\Gtin;
use Core\Details\Counting;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Pricing\Money;
use Core\Product\ProductDetails;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuField\WeightField;
use Core\Product\SkuFields;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** Reads the numbers and texts of SKUs out of the rows of a sheet. */
final readonly class SkuCells
{
    /** A number that a spreadsheet made of a code: its digits are lost. */
    private const MANGLED = '/^\d(?:[.,]\d+)?e\+?\d+$/i';

    private Field $code;

    private Field $price;

    public function __construct(
        private ProductDetails $details,
        private Counting $counting,
        private SheetTerms $terms,
        private Problems $problems,
    ) {
        $this->code = Field::of(FieldKind::Sku);
        $this->price = Field::of(FieldKind::Price);
    }

    /**
     * @param  list<PlacedRow>  $placed
     * @return list<Sku> of those on offer, as they are to be; new ones have no id
     */
    public function read(array $placed, GivenProduct $given): array
    {
        $skus = $codes = $gtins = $prices = [];
        $fields = $this->fields($given);
        $hasPrices = $given->has($this->price);
        foreach ($placed as $one) {
            if ($one->state !== RowState::Made) {
                continue;
            }
            $sku = $one->own ?? new Sku(0, $one->cell, SkuState::Made, '');
            if (!$sku->isMade()) {
                $sku = $sku->placed($one->cell, $sku->combination, SkuState::Made, 0);
            } elseif ($sku->cell->key !== $one->cell->key) {
                // On an axis that comes it goes to the value that its row says.
                $combination = Combination::of($one->cell->values + $sku->combination->values);
                $sku = $sku->placed($one->cell, $combination, SkuState::Made, $sku->retiredAt);
            }
            $sku = $this->written($one->row, $sku, $fields);
            $sku = $hasPrices ? $this->priced($one->row, $sku, $prices) : $sku;
            $this->refuseTwice($one->row, FieldKind::Sku, mb_strtoupper($sku->code), $codes);
            $this->refuseTwice($one->row, FieldKind::Gtin, $sku->gtin ?? '', $gtins);
            $skus[] = $sku;
        }

        return $skus;
    }

    /** @return list<array{Field, SkuField}> what else the sheet says of SKUs than codes and prices */
    private function fields(GivenProduct $given): array
    {
        $fields = [[Field::of(FieldKind::Gtin), new GtinField()], [Field::of(FieldKind::Weight), new WeightField()]];
        if ($this->counting === Counting::Sku) {
            $fields[] = [Field::of(FieldKind::Stock), new StockField()];
        }
        foreach (SkuFields::texts() as $text) {
            $fields[] = [Field::text($text), $text];
        }

        return array_values(array_filter($fields, fn(array $pair): bool => $given->has($pair[0])));
    }

    /** @param  list<array{Field, SkuField}>  $fields */
    private function written(GivenRow $row, Sku $sku, array $fields): Sku
    {
        $sku = $this->coded($row, $sku);
        foreach ($fields as [$field, $skuField]) {
            $sku = $this->field($row, $sku, $field, $skuField);
        }

        return $sku;
    }

    private function coded(GivenRow $row, Sku $sku): Sku
    {
        $field = $this->code;
        $text = $row->text($field);
        if ($text === '' || $text === $sku->code || $this->isMangled($row, $field, $text)) {
            return $sku;
        }
        $code = $this->problems->reading($row, $field, fn(): string => CodeField::read($text));

        return $code === null ? $sku : $sku->coded($code, $sku->isCodeTyped);
    }

    private function field(GivenRow $row, Sku $sku, Field $field, SkuField $skuField): Sku
    {
        $text = $row->text($field);
        $isNothing = mb_strtolower($text) === GivenRow::NONE;
        $isSame = $text === $skuField->shown($sku);
        if ($isSame || ($text === '' && $this->terms->empty === EmptyCells::Keep)) {
            return $sku;
        }
        if ($field->kind === FieldKind::Gtin && !$isNothing) {
            if ($this->isMangled($row, $field, $text)) {
                return $sku;
            }
            $text = $this->withLostZeros($text);
        }

        return $this->problems->reading(
            $row,
            $field,
            fn(): Sku => $skuField->written($sku, $isNothing ? '' : $text, $this->details->currency),
        ) ?? $sku;
    }

    /** A spreadsheet drops the zeros in front of a number; the check digit proves that they belong there. */
    private function withLostZeros(string $text): string
    {
        $digits = (string) preg_replace('/[\s-]/', '', $text);
        if (preg_match('/^\d{9,11}$/', $digits) !== 1) {
            return $text;
        }
        foreach ([12, 13] as $length) {
            $padded = str_pad($digits, $length, '0', STR_PAD_LEFT);
            if (Gtin::isValid($padded)) {
                return $padded;
            }
        }

        return $text;
    }

    private function isMangled(GivenRow $row, Field $field, string $text): bool
    {
        if (preg_match(self::MANGLED, $text) !== 1) {
            return false;
        }
        $this->problems->add(
            $row,
            $field,
            ProblemKind::Mangled,
            "“{$text}” is what a spreadsheet makes of a long number: its digits are lost. Format the column as text, " .
                'and take the number from where it came.',
        );

        return true;
    }

    /** @param  array<string, Money>  $known  prices that were read already: mostly all SKUs have the same */
    private function priced(GivenRow $row, Sku $sku, array &$known): Sku
    {
        $field = $this->price;
        $text = $row->text($field);
        $isSame = $text === ($sku->price?->shown() ?? '');
        if ($isSame || ($text === '' && $this->terms->empty === EmptyCells::Keep)) {
            return $sku;
        }
        if ($text === '' || mb_strtolower($text) === GivenRow::NONE) {
            return $sku->priceOf(null);
        }
        $price =
            $known[$text] ??
            $this->problems->reading($row, $field, fn(): Money => Money::typed($text, $this->details->currency));
        if ($price === null) {
            return $sku;
        }
        $known[$text] = $price;

        return $sku->priceOf($price);
    }

    /** @param  array<string, int>  $seen  code or number => row */
    private function refuseTwice(GivenRow $row, FieldKind $kind, string $what, array &$seen): void
    {
        if ($what === '') {
            return;
        }
        if (isset($seen[$what])) {
            $this->problems->add(
                $row,
                Field::of($kind),
                ProblemKind::Taken,
                "Row {$seen[$what]} has {$what} too. No two SKUs can have the same.",
            );
        }
        $seen[$what] ??= $row->number;
    }
}
