<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** The rows of a sheet that are about one product. */
final readonly class GivenProduct
{
    /**
     * @param  list<Field>  $fields  of all columns that are read
     * @param  non-empty-list<GivenRow>  $rows  in their order
     */
    public function __construct(public array $fields, public array $rows) {}

    public function has(Field $field): bool
    {
        foreach ($this->fields as $own) {
            if ($own->key() === $field->key()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Field> of a kind, in the order of their columns */
    public function fields(FieldKind $kind): array
    {
        return array_values(array_filter($this->fields, fn(Field $field): bool => $field->kind === $kind));
    }

    /** What the first row that says anything of a field says. */
    public function first(Field $field): string
    {
        foreach ($this->rows as $row) {
            if ($row->text($field) !== '') {
                return $row->text($field);
            }
        }

        return '';
    }
}
