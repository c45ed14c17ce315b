<?php

declare(strict_types=1);

namespace App\Ledger;

use Generator;
use IteratorAggregate;

/**
 * Row changes in the order they were made, packed in parts, so that a change of very many rows takes little memory
 * while it is made, kept and undone.
 *
 * @implements IteratorAggregate<int, RowChange>
 */
final class ChangeLog implements IteratorAggregate
{
    /** Changes of one part. */
    public const PART = 1_000;

    /** @var list<string> */
    private array $packed = [];

    /** @var list<RowChange> those that fill no part yet */
    private array $pending = [];

    private int $count = 0;

    private ?RowChange $first = null;

    /** @var array<string, true> */
    private array $tables = [];

    /** @param  list<RowChange>  $changes */
    public static function of(array $changes): self
    {
        $log = new self();
        array_map($log->add(...), $changes);

        return $log;
    }

    public function add(RowChange $change): void
    {
        $this->first ??= $change;
        $this->tables[$change->table] = true;
        $this->pending[] = $change;
        $this->count++;
        if (count($this->pending) === self::PART) {
            $this->packed[] = self::pack($this->pending);
            $this->pending = [];
        }
    }

    public function first(): ?RowChange
    {
        return $this->first;
    }

    public function count(): int
    {
        return $this->count;
    }

    /** @return list<int> ids of the rows of a table that were changed */
    public function idsOf(string $table): array
    {
        $ids = [];
        foreach (isset($this->tables[$table]) ? $this : [] as $change) {
            if ($change->table === $table) {
                $ids[$change->id] = $change->id;
            }
        }

        return array_values($ids);
    }

    /** @return list<string> as they are kept */
    public function parts(): array
    {
        return $this->pending === [] ? $this->packed : [...$this->packed, self::pack($this->pending)];
    }

    /** @return Generator<int, RowChange> */
    public function getIterator(): Generator
    {
        foreach ($this->packed as $part) {
            yield from self::unpack($part);
        }
        yield from $this->pending;
    }

    /** @param  list<RowChange>  $changes */
    private static function pack(array $changes): string
    {
        return (string) gzdeflate(json_encode($changes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** @return list<RowChange> of one part */
    public static function unpack(string $part): array
    {
        /**
         * @var list<array{table: string, id: int, before: array<string, mixed>|null, after: array<string, mixed>|null,
         *   shared?: bool}> $rows
         */
        $rows = json_decode((string) gzinflate($part), true, 64, JSON_THROW_ON_ERROR);

        return array_map(
            fn(array $row): RowChange => new RowChange(
                $row['table'],
                $row['id'],
                $row['before'],
                $row['after'],
                $row['shared'] ?? false,
            ),
            $rows,
        );
    }
}
