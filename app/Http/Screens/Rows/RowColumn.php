<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Typing\EditedRows;

/** A column of the rows, as a person chose it. */
final readonly class RowColumn
{
    private const FIGURES = [
        FieldKind::Price,
        FieldKind::BasePrice,
        FieldKind::EffectivePrice,
        FieldKind::SalePrice,
        FieldKind::Stock,
        FieldKind::Weight,
        FieldKind::Gtin,
        FieldKind::Adds,
    ];

    public function __construct(public Field $field) {}

    public function header(): string
    {
        return $this->field->header();
    }

    /** "Size" for "axis Size", "Stock" for "stock", "GTIN" for "gtin". */
    public function label(): string
    {
        return match ($this->field->kind) {
            FieldKind::Axis, FieldKind::Fact => $this->field->name,
            FieldKind::Sku, FieldKind::Gtin => mb_strtoupper($this->field->header()),
            default => ucfirst($this->field->header()),
        };
    }

    public function isTyped(): bool
    {
        return EditedRows::isTyped($this->field);
    }

    public function isFigure(): bool
    {
        return in_array($this->field->kind, self::FIGURES, true);
    }

    /** Whether it says which SKU a row is: a block that is pasted there is of rows, not of cells. */
    public function isAxis(): bool
    {
        return $this->field->kind === FieldKind::Axis;
    }

    /** Whether it says which SKU a row is, and so is nothing to choose. */
    public function isFixed(): bool
    {
        return in_array($this->field->kind, [FieldKind::Product, FieldKind::Axis], true);
    }
}
