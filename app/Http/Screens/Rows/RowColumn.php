<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Typing\AxisColumn;
use Core\Sheets\Typing\EditedRows;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;

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

    /** @param  ?AxisColumn  $asleep  where it is an axis that the product had, and that makes no SKUs now */
    public function __construct(public Field $field, private ?AxisColumn $asleep = null) {}

    public static function asleep(AxisColumn $column): self
    {
        return new self(Field::axis($column->name), $column);
    }

    public function isAsleep(): bool
    {
        return $this->asleep !== null;
    }

    /** What stands in a row. */
    public function text(CellWriter $writer, SheetLine $line): string
    {
        return $this->asleep === null
            ? $writer->text($this->field, $line)
            : $this->asleep->texts[$line->sku->id ?? 0] ?? '';
    }

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
        return !$this->isAsleep() && EditedRows::isTyped($this->field);
    }

    public function isFigure(): bool
    {
        return in_array($this->field->kind, self::FIGURES, true);
    }

    /** Whether it says which SKU a row is: a block that is pasted there is of rows, not of cells. */
    public function isAxis(): bool
    {
        return !$this->isAsleep() && $this->field->kind === FieldKind::Axis;
    }

    /** Whether it says which SKU a row is, and so is nothing to choose. */
    public function isFixed(): bool
    {
        return in_array($this->field->kind, [FieldKind::Product, FieldKind::Axis], true);
    }
}
