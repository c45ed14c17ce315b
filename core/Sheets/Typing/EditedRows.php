<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;
use Core\Sheets\Writing\SheetLines;

/**
 * The rows of a product as somebody typed into some of their cells: a sheet of just these rows and columns, in which
 * every other cell says what it says already.
 */
final readonly class EditedRows
{
    /** Columns that say which row it is, or that are changed where more can be said of them. */
    private const NOT_TYPED = [
        FieldKind::Product,
        FieldKind::Axis,
        FieldKind::EffectivePrice,
        FieldKind::SalePrice,
        FieldKind::Currency,
        FieldKind::Description,
    ];

    /** @var array<int, SheetLine> by SKU id; 0 for the row of a product without SKUs */
    private array $lines;

    private CellWriter $writer;

    private function __construct(private Product $product)
    {
        $lines = [];
        foreach (SheetLines::of($product) as $line) {
            $lines[$line->sku->id ?? 0] = $line;
        }
        $this->lines = $lines;
        $this->writer = new CellWriter($product);
    }

    public static function isTyped(Field $field): bool
    {
        return !in_array($field->kind, self::NOT_TYPED, true);
    }

    /**
     * @param  non-empty-list<CellEdit>  $edits
     *
     * @throws Refusal where a row is not there any more, or says something else by now
     */
    public static function of(Product $product, array $edits): GivenProduct
    {
        return (new self($product))->given($edits);
    }

    /** @param  non-empty-list<CellEdit>  $edits */
    private function given(array $edits): GivenProduct
    {
        $typed = $numbers = $texts = [];
        foreach ($edits as $edit) {
            $this->refuseStale($edit);
            $typed[$edit->field->key()] = $edit->field;
            $numbers[$edit->skuId] ??= $edit->row;
            $texts[$edit->skuId][$edit->field->key()] = trim($edit->text);
        }
        // Without the base price a column of prices would say what SKUs cost, not what they have of their own.
        $base = Field::of(FieldKind::BasePrice);
        $typed += isset($typed[FieldKind::Price->value]) ? [$base->key() => $base] : [];
        $fields = $this->identity($typed);
        $rows = [];
        $isFirst = true;
        foreach ($numbers as $skuId => $number) {
            $rows[] = $this->row($number, $this->lines[$skuId], $fields, $texts[$skuId], $isFirst);
            $isFirst = false;
        }

        return new GivenProduct(array_values($fields), $rows);
    }

    private function refuseStale(CellEdit $edit): void
    {
        $line =
            $this->lines[$edit->skuId] ??
            throw new Refusal(
                "Row {$edit->row} is not there any more. Look at the rows again.",
                RefusalKind::Gone,
                row: $edit->row,
            );
        if (!self::isTyped($edit->field)) {
            throw new Refusal(
                "{$edit->field->header()} is not typed here. Change it on the board, or in the details of the product.",
                RefusalKind::Impossible,
                row: $edit->row,
                column: $edit->field->header(),
            );
        }
        $is = $this->writer->text($edit->field, $line);
        if (trim($is) !== trim($edit->was) && trim($is) !== trim($edit->text)) {
            throw new Refusal(
                "Row {$edit->row}, {$edit->field->header()}: it is “" .
                    mb_strimwidth($is, 0, 60, '…') .
                    '” by now, as somebody else changed it. Look at it, and type it again if it is to be otherwise.',
                RefusalKind::Changed,
                row: $edit->row,
                column: $edit->field->header(),
            );
        }
    }

    /**
     * @param  array<string, Field>  $typed  by key
     * @return array<string, Field> with those that say which row it is
     */
    private function identity(array $typed): array
    {
        $fields = [Field::of(FieldKind::Product), Field::of(FieldKind::Sku)];
        foreach ($this->product->matrix->axes as $axis) {
            $fields[] = Field::axis($axis->name);
        }

        return array_combine(array_map(fn(Field $field): string => $field->key(), $fields), $fields) + $typed;
    }

    /**
     * @param  array<string, Field>  $fields  by key
     * @param  array<string, string>  $typed  by key
     */
    private function row(int $number, SheetLine $line, array $fields, array $typed, bool $isFirst): GivenRow
    {
        $cells = [];
        // What is said of the whole product stands in the first of these rows, whichever that is on screen.
        $whole = new SheetLine($line->cell, $line->sku, $line->state, $isFirst, $line->pools);
        foreach ($fields as $key => $field) {
            $cells[$key] = $typed[$key] ?? (self::isSaidOnce($field) ? '' : $this->writer->text($field, $whole));
        }

        return new GivenRow($number, array_filter($cells, fn(string $text): bool => $text !== ''));
    }

    /** Of the whole product only what was typed counts, in whichever row; the base price stands for all prices. */
    private static function isSaidOnce(Field $field): bool
    {
        return $field->isOfProduct() && $field->kind !== FieldKind::BasePrice;
    }
}
