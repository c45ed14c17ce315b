<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Which rows products have, asked of all of them at once when the first is asked for: by what a state knows them. */
final class RowKeys
{
    private const COLUMNS = [
        'product_axes' => ['axis_id'],
        'product_values' => ['value_id'],
        'placements' => ['position'],
        'facts' => ['position'],
        'details' => ['kind', 'reach', 'text'],
    ];

    /** @var array<string, array<int, list<stdClass>>> table => product id => rows, in the order of their ids */
    private array $rows = [];

    /** @param  list<int>  $productIds  locked meanwhile */
    public function __construct(private readonly array $productIds) {}

    /** @return list<stdClass> in the order of their ids */
    public function of(string $table, int $productId): array
    {
        if (!isset($this->rows[$table])) {
            $this->rows[$table] = [];
            $columns = ['id', 'product_id', ...self::COLUMNS[$table]];
            foreach (
                DB::table($table)->whereIn('product_id', $this->productIds)->orderBy('id')->get($columns)
                as $row
            ) {
                $this->rows[$table][$row->product_id][] = $row;
            }
        }

        return $this->rows[$table][$productId] ?? [];
    }

    /** @return array<int, int> what a column says => id of the row */
    public function ids(string $table, string $column, int $productId): array
    {
        return array_column($this->of($table, $productId), 'id', $column);
    }

    /** @return array<int, int> id of the row => its place */
    public function places(string $table, int $productId): array
    {
        return array_column($this->of($table, $productId), 'position', 'id');
    }
}
