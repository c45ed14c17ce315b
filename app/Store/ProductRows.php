<?php

declare(strict_types=1);

namespace App\Store;

use App\Ledger\RowChange;
use Core\Matrix\SkuState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The rows that belong to products, as the tables have them: what a product is loaded from, and what its history
 * changes.
 */
final readonly class ProductRows
{
    /** Each with the column it is read in the order of. */
    public const TABLES = [
        'product_axes' => 'position',
        'product_values' => 'position',
        'skus' => 'id',
        'placements' => 'position',
        'facts' => 'position',
        'details' => 'id',
    ];

    /** @param  array<string, array<int, list<stdClass>>>  $rows table => product id => rows */
    private function __construct(private array $rows, private ReferredRows $referred = new ReferredRows()) {}

    /** @param  list<int>  $productIds */
    public static function stored(array $productIds): self
    {
        $rows = [];
        foreach (self::TABLES as $table => $order) {
            $rows[$table] = self::read(DB::table($table), $productIds, $order);
        }

        return new self($rows);
    }

    /**
     * Those that the numbers of SKUs need, but for the SKUs.
     *
     * @param  list<int>  $productIds
     */
    public static function numbers(array $productIds): self
    {
        $rows = ['skus' => [], 'placements' => [], 'facts' => []];
        foreach (['product_axes', 'product_values', 'details'] as $table) {
            $rows[$table] = self::read(DB::table($table), $productIds, self::TABLES[$table]);
        }

        return new self($rows);
    }

    /**
     * The same with SKUs on offer.
     *
     * @param  list<int>  $productIds
     * @param  ?list<string>  $cells  keys of their cells; null for all
     */
    public function withSkus(array $productIds, ?array $cells = null): self
    {
        $skus = DB::table('skus')
            ->where('state', SkuState::Made->value)
            ->when($cells !== null, fn(Builder $query) => $query->whereIn('cell', $cells ?? []));

        return new self(
            ['skus' => self::read($skus, $productIds, self::TABLES['skus'])] + $this->rows,
            $this->referred,
        );
    }

    /**
     * @param  list<int>  $productIds
     * @return array<int, list<stdClass>> by product id
     */
    private static function read(Builder $query, array $productIds, string $order): array
    {
        $rows = [];
        foreach ($query->whereIn('product_id', $productIds)->orderBy($order)->orderBy('id')->get() as $row) {
            $rows[$row->product_id][] = $row;
        }

        return $rows;
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
            usort($own, fn(array $a, array $b): int => [$a[$order], $a['id']] <=> [$b[$order], $b['id']]);
            $rows[$table][$productId] = array_map(fn(array $row): stdClass => (object) $row, $own);
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

        return $this->referred->of($table, array_keys($ids));
    }

    /** What a row of the library is called; empty for one that is not there any more. */
    public function named(string $table, int $id): string
    {
        return $this->referred->of($table, [$id])[$id]->name ?? '';
    }

    /**
     * Those of one product after changes that were made to them; null where a change touches what products share, so
     * that they have to be read again.
     *
     * @param  iterable<RowChange>  $changes
     */
    public function after(int $productId, iterable $changes): ?self
    {
        $byTable = [];
        foreach (array_keys(self::TABLES) as $table) {
            $byTable[$table] = array_column(
                array_map(fn(stdClass $row): array => (array) $row, $this->of($table, $productId)),
                null,
                'id',
            );
        }
        foreach ($changes as $change) {
            if ($change->table === 'products') {
                continue;
            }
            if (!isset($byTable[$change->table])) {
                return null;
            }
            $row = $change->appliedTo($byTable[$change->table][$change->id] ?? null);
            if ($row === null) {
                unset($byTable[$change->table][$change->id]);
            } else {
                $byTable[$change->table][$change->id] = $row;
            }
        }

        return new self(self::past($productId, $byTable)->rows, $this->referred);
    }
}
