<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** What no two rows of a table may share: codes and names. */
final readonly class UniqueKeys
{
    private const CHUNK = 500;

    /** By table. */
    private const KEYS = [
        'products' => [['code']],
        'skus' => [['code'], ['gtin']],
        'axes' => [['folded']],
        'axis_values' => [['axis_id', 'folded'], ['axis_id', 'code']],
        'size_runs' => [['folded']],
        'views' => [['key'], ['folded']],
        'shot_lists' => [['folded']],
        'alt_patterns' => [['language']],
        'code_patterns' => [['folded']],
        'gtin_ranges' => [['folded']],
        'banners' => [['kind', 'folded']],
        'facts' => [['product_id', 'folded']],
        'product_axes' => [['product_id', 'axis_id']],
        'product_values' => [['product_id', 'value_id']],
    ];

    /** Columns that can be given up for a moment. */
    private const LOOSE = ['code', 'folded', 'gtin'];

    public function __construct(private string $table) {}

    /**
     * Rows let go of what they have, so that others can have it.
     *
     * @param  list<int>  $ids
     * @param  list<string>  $columns  that change
     */
    public function release(array $ids, array $columns): void
    {
        $own = array_values(array_intersect($this->loose(), $columns));
        foreach ($own === [] ? [] : array_chunk($ids, self::CHUNK) as $chunk) {
            DB::table($this->table)->whereIn('id', $chunk)->update(array_fill_keys($own, DB::raw("concat('~', id)")));
        }
    }

    /**
     * A row that has let go, as it was before that: as the first of its changes that knows expects it.
     *
     * @param  array<string, mixed>  $row
     * @param  list<RowChange>  $changes
     * @return array<string, mixed>
     */
    public function asBefore(array $row, array $changes): array
    {
        foreach ($this->loose() as $column) {
            foreach ($changes as $change) {
                if (array_key_exists($column, $change->before ?? [])) {
                    $row[$column] = $change->before[$column];

                    break;
                }
            }
        }

        return $row;
    }

    /** @return list<string> columns that can be given up for a moment */
    public function loose(): array
    {
        return array_values(
            array_intersect(array_unique(array_merge([], ...self::KEYS[$this->table] ?? [])), self::LOOSE),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $rows  as they are to be
     * @param  array<int, mixed>  $changing  by ids of rows that change as well
     *
     * @throws KeyIsTaken
     */
    public function refuseTaken(array $rows, array $changing): void
    {
        foreach (self::KEYS[$this->table] ?? [] as $columns) {
            $last = $columns[count($columns) - 1];
            $wanted = [];
            foreach ($rows as $row) {
                if ($row[$last] !== null) {
                    $wanted[self::key($row, $columns)] = $row[$last];
                }
            }
            foreach (array_chunk($wanted, self::CHUNK) as $chunk) {
                foreach (
                    DB::table($this->table)
                        ->whereIn($last, $chunk)
                        ->get(['id', ...$columns])
                    as $other
                ) {
                    if (isset($wanted[self::key((array) $other, $columns)]) && !isset($changing[$other->id])) {
                        throw new KeyIsTaken($this->table, $last, (string) $other->{$last}, $other->id);
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
        return mb_strtolower(implode("\0", array_map(fn(string $column): string => (string) $row[$column], $columns)));
    }
}
