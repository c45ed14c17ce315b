<?php

declare(strict_types=1);

namespace App\Http\Bounds;

/** A row of named fields, each within a bound of its own; others are for nobody. */
final readonly class RowBound implements Bound
{
    /** @param  array<string, Bound>  $fields */
    public function __construct(private array $fields) {}

    public function fault(mixed $given): ?string
    {
        if (!is_array($given)) {
            return __('answers.has_to_be_a_row_of');
        }
        foreach ($this->fields as $name => $bound) {
            $fault = $bound->fault($given[$name] ?? null);
            if ($fault !== null) {
                return __('answers.has_a_field_name_that_fault', ['name' => $name, 'fault' => $fault]);
            }
        }

        return null;
    }
}
