<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

/** A row cannot have its code or name back: another has it meanwhile. */
final class KeyIsTaken extends RuntimeException
{
    public function __construct(
        public readonly string $table,
        public readonly string $column,
        public readonly string $value,
        public readonly int $holderId,
    ) {
        parent::__construct("{$table} {$holderId} has the {$column} “{$value}”.");
    }

    /** What stands in the way, and what to do about it where nobody in the history did it. */
    public function inWords(): string
    {
        return "“{$this->value}” is taken meanwhile" .
            match ($this->table) {
                'axis_values' => ': the library has another value of that ' .
                    ($this->column === 'code' ? 'code' : 'name') .
                    '. Rename it or take it out of the library first',
                'axes' => ': the library has another axis of that name. Rename it or take it out of the library first',
                'views' => ': the library has another view of that name. Rename it or remove it first',
                'shot_lists' => ': the library has another shot list of that name. Rename it or remove it first',
                'code_patterns' => ': the library has another code pattern of that name. Rename it or remove it first',
                'gtin_ranges' => ': the library has another GTIN range of that name. Rename it or remove it first',
                default => '',
            };
    }

    /** The row that has it, as RowChange::place() says it. */
    public function place(): string
    {
        return $this->table . ' ' . $this->holderId;
    }
}
