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
            return 'has to be a row of fields.';
        }
        foreach ($this->fields as $name => $bound) {
            $fault = $bound->fault($given[$name] ?? null);
            if ($fault !== null) {
                return "has a field {$name} that {$fault}";
            }
        }

        return null;
    }
}
