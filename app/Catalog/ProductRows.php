<?php

declare(strict_types=1);

namespace App\Catalog;

use Illuminate\Support\Facades\DB;
use stdClass;

/** The rows that belong to products, as the tables have them: what a product is loaded from, and what its history changes. */
final readonly class ProductRows
{
    /** Each with the column it is read in the order of. */
    public const TABLES = ['product_axes' => 'position', 'product_values' => 'position', 'skus' => 'id', 'placements' => 'position', 'facts' => 'position'];

    /** @param  array<string, array<int, list<stdClass>>>  $rows table => product id => rows */
    private function __construct(private array $rows)
    {
    }

    /** @param  list<int>  $productIds */
    public static function stored(array $productIds): self
    {
        $rows = [];
        foreach (self::TABLES as $table => $order) {
            $rows[$table] = [];
            foreach (DB::table($table)->whereIn('product_id', $productIds)->orderBy($order)->orderBy('id')->get() as $row) {
                $rows[$table][$row->product_id][] = $row;
            }
        }

        return new self($rows);
    }

    /**
     * Those of one product as they were at some time.
     *
     * @param  array<string, array<int, array<string, mixed>>>  $byTable table => id => row
     */
    public static function past(int $productId, array $byTable): self
    {
        $rows = [];
        foreach (self::TABLES as $table => $order) {
            $own = $byTable[$table] ?? [];
            usort($own, fn (array $a, array $b): int => [$a[$order], $a['id']] <=> [$b[$order], $b['id']]);
            $rows[$table][$productId] = array_map(fn (array $row): stdClass => (object) $row, $own);
        }

        return new self($rows);
    }

    /** @return list<stdClass> in order */
    public function of(string $table, int $productId): array
    {
        return $this->rows[$table][$productId] ?? [];
    }

    /**
     * Rows of the library or of photos that a column refers to, by id.
     *
     * @return array<int, stdClass>
     */
    public function referred(string $from, string $column, string $table): array
    {
        $ids = [];
        foreach ($this->rows[$from] as $rows) {
            foreach ($rows as $row) {
                $ids[$row->{$column}] = true;
            }
        }
        $found = [];
        foreach (array_chunk(array_keys($ids), 1000) as $chunk) {
            foreach (DB::table($table)->whereIn('id', $chunk)->get() as $row) {
                $found[$row->id] = $row;
            }
        }

        return $found;
    }
}
