<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Writes rows and remembers how each was before, so that a change can be undone. Everything an
 * Action stores of a product goes through here.
 */
final class Ledger
{
    private const CHUNK = 500;

    /** What no two rows may share, by table. */
    private const KEYS = [
        'products' => [['code']],
        'skus' => [['code'], ['gtin']],
        'axes' => [['folded']],
        'axis_values' => [['axis_id', 'folded'], ['axis_id', 'code']],
        'size_runs' => [['folded']],
        'facts' => [['product_id', 'folded']],
        'product_axes' => [['product_id', 'axis_id']],
        'product_values' => [['product_id', 'value_id']],
    ];

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

    /** The photo that stands for the change, where it was about pictures only: the first of them. */
    public function picture(): ?int
    {
        foreach ($this->changes as $change) {
            if ($change->table !== 'placements') {
                return null;
            }
        }
        $first = $this->changes[0] ?? null;

        return $first === null ? null : $first->before['photo_id'] ?? $first->after['photo_id'] ?? DB::table('placements')->where('id', $first->id)->value('photo_id');
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
                $this->makeRoom($table, array_column($full, 'id'), array_keys($columns));
                DB::table($table)->upsert($full, ['id'], array_keys($columns));
            }
        }
    }

    /**
     * Rows that exchange a code or a name among them let go of it first.
     *
     * @param  list<int>  $ids
     * @param  list<string>  $columns  that change
     */
    private function makeRoom(string $table, array $ids, array $columns): void
    {
        $own = array_intersect(array_unique(array_merge([], ...self::KEYS[$table] ?? [])), $columns, ['code', 'folded', 'gtin']);
        if (count($ids) > 1 && $own !== []) {
            DB::table($table)->whereIn('id', $ids)->update(array_fill_keys(array_values($own), DB::raw("concat('~', id)")));
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
     * @throws KeyIsTaken before anything is written, where another row has a code or a name that one is to get back
     */
    public function apply(array $changes): void
    {
        $byTable = [];
        foreach ($changes as $change) {
            $byTable[$change->table][$change->id][] = $change;
        }
        $outcomes = array_map($this->outcomes(...), array_keys($byTable), $byTable);
        $outcomes = array_combine(array_keys($byTable), $outcomes);
        foreach ($outcomes as $table => [$insert, $update, $delete]) {
            $this->refuseTaken($table, [...$insert, ...array_values($update)], [...array_keys($update), ...$delete]);
        }
        foreach ($outcomes as $table => [$insert, $update, $delete]) {
            $this->delete($table, $delete);
            $this->update($table, $update);
            foreach (array_chunk($insert, self::CHUNK) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $rows  as they are to be
     * @param  list<int>  $ids  of rows that let go of what they have
     */
    private function refuseTaken(string $table, array $rows, array $ids): void
    {
        foreach (self::KEYS[$table] ?? [] as $columns) {
            $last = $columns[count($columns) - 1];
            $wanted = [];
            foreach ($rows as $row) {
                if ($row[$last] !== null) {
                    $wanted[self::key($row, $columns)] = $row[$last];
                }
            }
            foreach (array_chunk($wanted, self::CHUNK) as $chunk) {
                foreach (DB::table($table)->whereIn($last, $chunk)->get(['id', ...$columns]) as $other) {
                    if (isset($wanted[self::key((array) $other, $columns)]) && ! in_array($other->id, $ids, true)) {
                        throw new KeyIsTaken($table, $last, (string) $other->{$last}, $other->id);
                    }
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  list<string>  $columns
     */
    private static function key(array $row, array $columns): string
    {
        return mb_strtolower(implode("\0", array_map(fn (string $column): string => (string) $row[$column], $columns)));
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
