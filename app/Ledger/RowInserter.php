<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Many new rows in one statement, which says their ids: other nodes of a cluster number in between. */
final class RowInserter
{
    /**
     * @param  non-empty-list<array<string, mixed>>  $rows  of the same columns
     * @return list<int> their ids, in the same order
     */
    public static function insert(string $table, array $rows): array
    {
        $columns = array_keys($rows[0]);
        $named = implode(', ', array_map(fn(string $column): string => "`{$column}`", $columns));
        $marks = '(' . implode(', ', array_fill(0, count($columns), '?')) . ')';
        $values = implode(', ', array_fill(0, count($rows), $marks));
        $new = DB::select(
            "insert into `{$table}` ({$named}) values {$values} returning id",
            array_merge(...array_map(array_values(...), $rows)),
            false,
        );

        return array_values(array_map(fn(stdClass $row): int => $row->id, $new));
    }
}
