<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use App\Store\Products\LoadedProduct;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Product\Sku;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\RowVerdict;
use Core\Sheets\Verdicts\SheetVerdict;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;

/** A row that is to be added, and what would become of the product by it. */
final readonly class NewRowScreen
{
    private const FIELDS = [FieldKind::Sku, FieldKind::Gtin, FieldKind::Price, FieldKind::Stock, FieldKind::Weight];

    /** What no two SKUs have the same, or nobody means to have twice. */
    private const NOT_COPIED = [FieldKind::Sku, FieldKind::Gtin, FieldKind::Stock];

    /**
     * @param  list<NewRowField>  $fields
     * @param  list<string>  $sentences  what becomes of the product
     */
    private function __construct(public array $fields, public array $sentences = []) {}

    /** @param  int  $skuId  of the row that is copied; 0 for none */
    public static function like(LoadedProduct $loaded, int $skuId): self
    {
        $product = $loaded->core;
        $sku = array_column($product->state->skus, null, 'id')[$skuId] ?? null;
        $fields = array_map(
            fn(Axis $axis): NewRowField => new NewRowField(
                Field::axis($axis->name)->header(),
                $axis->name,
                $sku instanceof Sku ? $product->matrix->choice($sku->cell)[$axis->name] ?? '' : '',
                array_map(fn(Value $value): string => $value->label, $axis->values),
            ),
            $product->matrix->axes,
        );
        $writer = new CellWriter($product);
        foreach (self::FIELDS as $kind) {
            $field = Field::of($kind);
            $isCopied = $sku instanceof Sku && !in_array($kind, self::NOT_COPIED, true);
            $fields[] = new NewRowField(
                $field->header(),
                (new RowColumn($field))->label(),
                $isCopied ? $writer->text($field, new SheetLine($sku->cell, $sku, $sku->state->value)) : '',
            );
        }

        return new self($fields);
    }

    /** What becomes of the product as a column of it makes SKUs. */
    public static function parted(ProductVerdict $verdict): self
    {
        return new self(
            [],
            [
                trans_choice('rows.go_to_their_values', count($verdict->rows), ['count' => count($verdict->rows)]),
                ...self::beside($verdict),
            ],
        );
    }

    public static function planned(ProductVerdict $verdict): self
    {
        $made = count(array_filter($verdict->rows, fn(RowVerdict $row): bool => $row->verdict === SheetVerdict::Fresh));
        $changed = count(
            array_filter($verdict->rows, fn(RowVerdict $row): bool => $row->verdict === SheetVerdict::Changed),
        );
        $sentences = array_filter([
            $made === 0 ? '' : trans_choice('rows.makes', $made, ['count' => $made]),
            $changed === 0 ? '' : trans_choice('rows.changes', $changed, ['count' => $changed]),
            $verdict->verdict === SheetVerdict::Same ? __('rows.changes_nothing') : '',
            ...self::beside($verdict),
        ]);

        return new self([], array_values(array_map(strval(...), $sentences)));
    }

    /** @return list<string> what becomes of the library and of other combinations */
    private static function beside(ProductVerdict $verdict): array
    {
        $sentences = array_filter([
            $verdict->additions === []
                ? ''
                : __('rows.new_to_the_library', ['names' => implode(', ', $verdict->additions)]),
            $verdict->leftOut === 0
                ? ''
                : trans_choice('rows.leaves_out', $verdict->leftOut, ['count' => $verdict->leftOut]),
        ]);

        return array_values(array_map(strval(...), $sentences));
    }
}
