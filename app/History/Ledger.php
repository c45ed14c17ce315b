<?php

declare(strict_types=1);

namespace App\History;

use Illuminate\Support\Facades\DB;

/**
 * Writes rows and remembers how each was before, so that a change can be undone. Everything an
 * Action stores of a product goes through here.
 */
final class Ledger
{
    private const CHUNK = 500;

    /** @var list<RowChange> */
    private array $changes = [];

    /** @return list<RowChange> */
    public function changes(): array
    {
        return $this->changes;
    }

    public function isEmpty(): bool
    {
        return $this->changes === [];
    }

    /** @param  array<string, mixed>  $row */
    public function insert(string $table, array $row): int
    {
        $id = DB::table($table)->insertGetId($row);
        $this->changes[] = new RowChange($table, $id, null, (array) DB::table($table)->find($id));

        return $id;
    }

    /**
     * Many rows of one product. The product's row is locked meanwhile, so the new ids are those past the last.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public function insertMany(string $table, int $productId, array $rows): void
    {
        if ($rows === []) {
            return;
        }
        $last = DB::table($table)->where('product_id', $productId)->max('id') ?? 0;
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table($table)->insert(array_map(fn (array $row): array => $row + ['product_id' => $productId], $chunk));
        }
        foreach (DB::table($table)->where('product_id', $productId)->where('id', '>', $last)->orderBy('id')->get() as $row) {
            $this->changes[] = new RowChange($table, $row->id, null, (array) $row);
        }
    }

    /**
     * @param  array<int, array<string, mixed>>  $updates  id => the columns to set
     */
    public function update(string $table, array $updates): void
    {
        foreach (array_chunk($updates, self::CHUNK, true) as $chunk) {
            $full = [];
            $columns = [];
            foreach ($this->rows($table, array_keys($chunk)) as $id => $row) {
                $after = array_filter($chunk[$id], fn (mixed $value, string $column): bool => $row[$column] !== $value, ARRAY_FILTER_USE_BOTH);
                if ($after !== []) {
                    $this->changes[] = new RowChange($table, $id, array_intersect_key($row, $after), $after);
                    $full[] = $after + $row;
                    $columns += $after;
                }
            }
            if ($full !== []) {
                DB::table($table)->upsert($full, ['id'], array_keys($columns));
            }
        }
    }

    /** @param  list<int>  $ids */
    public function delete(string $table, array $ids): void
    {
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            foreach ($this->rows($table, $chunk) as $id => $row) {
                $this->changes[] = new RowChange($table, $id, $row, null);
            }
            DB::table($table)->whereIn('id', $chunk)->delete();
        }
    }

    /**
     * Carries out recorded changes (or their inverses). Every row must stand as the change expects.
     *
     * @param  list<RowChange>  $changes
     *
     * @throws RowHasChanged before anything is written
     */
    public function apply(array $changes): void
    {
        $byTable = [];
        foreach ($changes as $change) {
            $byTable[$change->table][$change->id][] = $change;
        }
        $outcomes = array_map($this->outcomes(...), array_keys($byTable), $byTable);
        foreach (array_combine(array_keys($byTable), $outcomes) as $table => [$insert, $update, $delete]) {
            $this->delete($table, $delete);
            foreach (array_chunk($insert, self::CHUNK) as $chunk) {
                DB::table($table)->insert($chunk);
            }
            $this->update($table, $update);
        }
    }

    /**
     * @param  array<int, list<RowChange>>  $byId
     * @return array{list<array<string, mixed>>, array<int, array<string, mixed>>, list<int>} rows to insert, to update by id, ids to delete
     */
    private function outcomes(string $table, array $byId): array
    {
        $outcome = [[], [], []];
        foreach (array_chunk($byId, self::CHUNK, true) as $chunk) {
            $rows = $this->rows($table, array_keys($chunk));
            foreach ($chunk as $id => $changes) {
                $after = $before = $rows[$id] ?? null;
                foreach ($changes as $change) {
                    $after = $change->appliedTo($after);
                }
                if ($before === null && $after !== null) {
                    $outcome[0][] = $after;
                } elseif ($after !== null) {
                    $outcome[1][$id] = $after;
                } elseif ($before !== null) {
                    $outcome[2][] = $id;
                }
            }
        }

        return $outcome;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array<string, mixed>>
     */
    private function rows(string $table, array $ids): array
    {
        $rows = [];
        foreach (DB::table($table)->whereIn('id', $ids)->orderBy('id')->get() as $row) {
            $rows[$row->id] = (array) $row;
        }

        return $rows;
    }
}
