<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Writes rows that are known as they stand, of one product or of many, in few statements: each change is noted in the
 * ledger of its product, and all of them are written together. The products are locked meanwhile, so that nothing has
 * to be read again.
 */
final class RowWriter
{
    private const CHUNK = 500;

    /** Tables that others refer to come before these. */
    private const ORDER = ['products', 'product_axes', 'product_values', 'skus', 'placements', 'facts', 'details'];

    /**
     * @var array<string, array<int, array{array<string, mixed>, array<string, mixed>}>> table => id => columns to set,
     * whole row
     */
    private array $updates = [];

    /** @var array<string, list<array{Ledger, array<string, mixed>}>> by table */
    private array $inserts = [];

    /** @var array<string, list<int>> by table */
    private array $deletes = [];

    /**
     * @param  array<string, mixed>  $before  the row as it stands, with all that a new one would need
     * @param  array<string, mixed>  $after  the same columns as they are to be
     */
    public function update(Ledger $ledger, string $table, int $id, array $before, array $after): void
    {
        $changed = array_filter(
            $after,
            fn(mixed $value, string $column): bool => $before[$column] !== $value,
            ARRAY_FILTER_USE_BOTH,
        );
        if ($changed !== []) {
            $ledger->note(
                new RowChange($table, $id, array_intersect_key($before, $changed), $changed),
                $after['photo_id'] ?? null,
            );
            $this->updates[$table][$id] = [$changed, ['id' => $id] + $after];
        }
    }

    /** @param  array<string, mixed>  $row  every column but its id */
    public function insert(Ledger $ledger, string $table, array $row): void
    {
        $this->inserts[$table][] = [$ledger, $row];
    }

    /** @param  array<string, mixed>  $row  as it stands, every column but its id */
    public function delete(Ledger $ledger, string $table, int $id, array $row): void
    {
        $ledger->note(new RowChange($table, $id, ['id' => $id] + $row, null), $row['photo_id'] ?? null);
        $this->deletes[$table][] = $id;
    }

    /** Writes all that is waiting. Ids of new rows are known to the ledgers afterwards. */
    public function flush(): void
    {
        foreach (array_reverse(self::ORDER) as $table) {
            foreach (array_chunk($this->deletes[$table] ?? [], self::CHUNK) as $ids) {
                DB::table($table)->whereIn('id', $ids)->delete();
            }
        }
        foreach (self::ORDER as $table) {
            $this->writeUpdates($table, $this->updates[$table] ?? []);
            foreach (array_chunk($this->inserts[$table] ?? [], self::CHUNK) as $rows) {
                $this->writeInserts($table, $rows);
            }
        }
        $this->updates = $this->inserts = $this->deletes = [];
    }

    /** @param  array<int, array{array<string, mixed>, array<string, mixed>}>  $updates */
    private function writeUpdates(string $table, array $updates): void
    {
        $byColumns = [];
        foreach ($updates as $id => [$changed, $row]) {
            $byColumns[implode(',', array_keys($changed))][$id] = [$changed, $row];
        }
        if (count($updates) > 1) {
            foreach ($byColumns as $alike) {
                (new UniqueKeys($table))->release(array_keys($alike), array_keys(reset($alike)[0]));
            }
        }
        foreach ($byColumns as $alike) {
            foreach (array_chunk($alike, self::CHUNK, true) as $chunk) {
                $this->writeAlike($table, $chunk);
            }
        }
    }

    /**
     * @param  non-empty-array<int, array{array<string, mixed>, array<string, mixed>}>  $updates  of the same columns
     */
    private function writeAlike(string $table, array $updates): void
    {
        $first = reset($updates)[0];
        if (array_filter($updates, fn(array $update): bool => $update[0] !== $first) === []) {
            DB::table($table)->whereIn('id', array_keys($updates))->update($first);
        } elseif ($table === 'products') {
            // Its row has more than the state knows, so that it cannot be written as a whole.
            DB::table($table)->whereIn('id', array_keys($updates))->update($this->cases($updates));
        } else {
            DB::table($table)->upsert(
                array_values(array_map(fn(array $update): array => $update[1], $updates)),
                ['id'],
                array_keys($first),
            );
        }
    }

    /**
     * @param  non-empty-array<int, array{array<string, mixed>, array<string, mixed>}>  $updates
     * @return array<string, mixed> each column by the id of its row
     */
    private function cases(array $updates): array
    {
        $cases = [];
        foreach (array_keys(reset($updates)[0]) as $column) {
            $when = '';
            foreach ($updates as $id => [$changed]) {
                $value = $changed[$column];
                $said = is_int($value) || $value === null ? $value : DB::getPdo()->quote((string) $value);
                $when .= " when {$id} then " . ($said ?? 'null');
            }
            $cases[$column] = DB::raw("case id{$when} end");
        }

        return $cases;
    }

    /** @param  non-empty-list<array{Ledger, array<string, mixed>}>  $rows */
    private function writeInserts(string $table, array $rows): void
    {
        $ids = RowInserter::insert($table, array_map(fn(array $row): array => $row[1], $rows));
        foreach ($rows as $at => [$ledger, $row]) {
            $ledger->note(new RowChange($table, $ids[$at], null, ['id' => $ids[$at]] + $row), $row['photo_id'] ?? null);
        }
    }
}
