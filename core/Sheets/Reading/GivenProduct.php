<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** The rows of a sheet that are about one product. */
final readonly class GivenProduct
{
    /** @var array<string, true> keys of the fields */
    private array $has;

    /**
     * @param  list<Field>  $fields  of all columns that are read
     * @param  non-empty-list<GivenRow>  $rows  in their order
     */
    public function __construct(public array $fields, public array $rows)
    {
        $this->has = array_fill_keys(array_map(fn(Field $field): string => $field->key(), $fields), true);
    }

    public function has(Field $field): bool
    {
        return isset($this->has[$field->key()]);
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
