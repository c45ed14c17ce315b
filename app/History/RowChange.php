<?php

declare(strict_types=1);

namespace App\History;

/** One row before and after. A row that was not there is null; of an update only the changed columns are kept. */
final readonly class RowChange
{
    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    public function __construct(
        public string $table,
        public int $id,
        public ?array $before,
        public ?array $after,
    ) {
    }

    public function inverse(): self
    {
        return new self($this->table, $this->id, $this->after, $this->before);
    }

    public function place(): string
    {
        return $this->table.' '.$this->id;
    }
}
