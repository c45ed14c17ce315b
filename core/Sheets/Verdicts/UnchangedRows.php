<?php

declare(strict_types=1);

namespace Core\Sheets\Verdicts;

use Core\Matrix\Axis;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;
use Core\Sheets\Writing\SheetLines;

/**
 * Whether rows say of a product word for word what its own rows say, so that they need not be read: most of a sheet
 * that is brought again. Where it is not sure, it says no, and they are read.
 */
final class UnchangedRows
{
    private readonly CellWriter $writer;

    /** @var array<string, SheetLine> by code of the SKU */
    private array $byCode = [];

    /** @var array<string, SheetLine> by the labels of its cell */
    private array $byLabels = [];

    private ?SheetLine $first = null;

    private function __construct(private readonly Product $product, private readonly EmptyCells $empty)
    {
        $this->writer = new CellWriter($product);
        foreach (SheetLines::of($product) as $line) {
            $this->first ??= $line;
            $this->byLabels[implode("\n", array_values($product->matrix->choice($line->cell)))] = $line;
            if ($line->sku !== null) {
                $this->byCode[$line->sku->code] = $line;
            }
        }
    }

    public static function are(Product $product, GivenProduct $given, EmptyCells $empty): bool
    {
        return (new self($product, $empty))->sayNothingElse($given);
    }

    private function sayNothingElse(GivenProduct $given): bool
    {
        $axes = array_map(fn(Axis $axis): Field => Field::axis($axis->name), $this->product->matrix->axes);
        $code = Field::of(FieldKind::Sku);
        $fields = array_filter(
            $given->fields,
            fn(Field $field): bool => $field->kind !== FieldKind::Product && !$field->kind->isIgnored(),
        );
        $ofProduct = array_map(fn(Field $field): bool => $field->isOfProduct(), $fields);
        $shown = array_map(fn(Field $field): Field => self::shown($field, $given), $fields);
        $met = [];
        foreach ($given->rows as $number => $row) {
            $line = $this->lineOf($row, $code, $axes);
            if ($line === null || isset($met[$line->cell->key])) {
                return false;
            }
            $met[$line->cell->key] = true;
            foreach ($fields as $at => $field) {
                $text = $row->text($field);
                if ($text === '') {
                    if ($this->empties($field, $ofProduct[$at] ? null : $line, $number === 0)) {
                        return false;
                    }
                } elseif ($text !== trim($this->text($shown[$at], $ofProduct[$at] ? null : $line))) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Where a sheet has no base price, its prices are what the SKUs cost. */
    private static function shown(Field $field, GivenProduct $given): Field
    {
        return $field->kind === FieldKind::Price && !$given->has(Field::of(FieldKind::BasePrice))
            ? Field::of(FieldKind::EffectivePrice)
            : $field;
    }

    /** @param  list<Field>  $axes */
    private function lineOf(GivenRow $row, Field $code, array $axes): ?SheetLine
    {
        $text = $row->text($code);
        if ($text !== '') {
            return $this->byCode[$text] ?? null;
        }
        $labels = array_map(fn(Field $axis): string => $row->text($axis), $axes);

        return $this->byLabels[implode("\n", $labels)] ?? null;
    }

    /**
     * Whether an empty cell takes away what is there. What is said of the whole product stands in its first row.
     *
     * @param  ?SheetLine  $line  null for what is said of the whole product
     */
    private function empties(Field $field, ?SheetLine $line, bool $isFirst): bool
    {
        $isSilent = $this->empty === EmptyCells::Keep || ($line === null && !$isFirst);

        return !$isSilent && $this->text($field, $line) !== '';
    }

    /** @param  ?SheetLine  $line  null for what is said of the whole product */
    private function text(Field $field, ?SheetLine $line): string
    {
        $line ??= $this->first;

        return $line === null ? '' : $this->writer->text($field, $line);
    }
}
