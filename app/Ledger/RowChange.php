<?php

declare(strict_types=1);

namespace App\Ledger;

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

    /**
     * The row after this change.
     *
     * @param  array<string, mixed>|null  $row  as it stands; null where it is not there
     * @return array<string, mixed>|null
     *
     * @throws RowHasChanged where the row does not stand as the change expects
     */
    public function appliedTo(?array $row): ?array
    {
        $asExpected = $this->before === null
            ? $row === null
            : $row !== null && array_intersect_key($row, $this->before) == $this->before;
        if (! $asExpected) {
            throw new RowHasChanged($this);
        }

        return $this->after === null ? null : $this->after + ($row ?? []);
    }

    public function place(): string
    {
        return $this->table.' '.$this->id;
    }
}
