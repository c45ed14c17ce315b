<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Rows of the library and of photos that products refer to, each read once. */
final class ReferredRows
{
    private const CHUNK = 1_000;

    /** @var array<string, array<int, stdClass>> table => id => row */
    private array $known = [];

    /**
     * @param  list<int>  $ids
     * @return array<int, stdClass> by id
     */
    public function of(string $table, array $ids): array
    {
        $this->known[$table] ??= [];
        $missing = array_values(array_filter($ids, fn(int $id): bool => !isset($this->known[$table][$id])));
        foreach (array_chunk($missing, self::CHUNK) as $chunk) {
            foreach (DB::table($table)->whereIn('id', $chunk)->get() as $row) {
                $this->known[$table][$row->id] = $row;
            }
        }

        return array_intersect_key($this->known[$table], array_flip($ids));
    }
}
