<?php

declare(strict_types=1);

namespace App\Ledger;

use JsonSerializable;

/** One row before and after. A row that was not there is null; of an update only the changed columns are kept. */
final readonly class RowChange implements JsonSerializable
{
    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     * @param  bool  $isShared  a row that others use as well, made along with the change: it goes only where nobody
     *   uses it, and nobody has changed it
     */
    public function __construct(
        public string $table,
        public int $id,
        public ?array $before,
        public ?array $after,
        public bool $isShared = false,
    ) {}

    public function inverse(): self
    {
        return new self($this->table, $this->id, $this->after, $this->before, $this->isShared);
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
        if (!$this->expects($row)) {
            return $this->isShared ? $row : throw new RowHasChanged($this);
        }

        return $this->after === null ? null : $this->after + ($row ?? []);
    }

    public function place(): string
    {
        return $this->table . ' ' . $this->id;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['table' => $this->table, 'id' => $this->id, 'before' => $this->before, 'after' => $this->after] +
            ($this->isShared ? ['shared' => true] : []);
    }

    /** @param  array<string, mixed>|null  $row */
    private function expects(?array $row): bool
    {
        return $this->before === null
            ? $row === null
            : $row !== null && array_intersect_key($row, $this->before) == $this->before;
    }
}
