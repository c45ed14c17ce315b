<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\SheetTerms;

/** Which column is to make SKUs: one that the rows have, or one that was typed. */
final readonly class AxisWish
{
    /**
     * @param  string  $name  of the axis
     * @param  ?string  $column  key of a column that the rows have
     * @param  list<string>  $lines  what each row says, in the order of the rows, where there is no such column
     * @param  bool  $isAsWritten  whether values that are nearly what the library has are new
     */
    private function __construct(
        private string $name,
        private ?string $column,
        private array $lines,
        private bool $isAsWritten,
    ) {}

    public static function ofColumn(string $name, string $column, bool $isAsWritten): self
    {
        return new self($name, $column, [], $isAsWritten);
    }

    /** @param  list<string>  $lines  what each row says, in the order of the rows */
    public static function typed(string $name, array $lines, bool $isAsWritten): self
    {
        return new self($name, null, $lines, $isAsWritten);
    }

    /**
     * @param  list<Field>  $fields  columns that the product's rows have
     *
     * @throws Refusal where the column is not there, or a SKU says nothing
     */
    public function given(Product $product, array $fields): GivenProduct
    {
        if ($this->column === null) {
            return ColumnAsAxis::of($product, $this->name, ColumnAsAxis::typed($product, $this->lines));
        }
        foreach (AxisColumn::among($product, $fields) as $column) {
            if ($column->key === $this->column) {
                return ColumnAsAxis::of($product, $this->name === '' ? $column->name : $this->name, $column->texts);
            }
        }
        throw new Refusal(
            "The column {$this->column} is not there any more, or its SKUs say the same. Load the page again.",
            RefusalKind::Gone,
        );
    }

    /** @return array<string, true> values that are new although they are nearly what is there */
    public function confirmed(GivenProduct $given): array
    {
        $confirmed = [];
        foreach ($this->isAsWritten ? $given->fields(FieldKind::Axis) : [] as $field) {
            $confirmed[SheetTerms::confirmation('axis', $field->name)] = true;
            foreach ($given->rows as $row) {
                $confirmed[SheetTerms::confirmation($field->key(), $row->text($field))] = true;
            }
        }

        return $confirmed;
    }
}
