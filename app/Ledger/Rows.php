<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Rows of a table as they stand. */
final class Rows
{
    /**
     * @param  list<int>  $ids
     * @return array<int, array<string, mixed>> by id
     */
    public static function of(string $table, array $ids): array
    {
        $rows = [];
        foreach ($ids === [] ? [] : DB::table($table)->whereIn('id', $ids)->orderBy('id')->get() as $row) {
            $rows[$row->id] = (array) $row;
        }

        return $rows;
    }
}
