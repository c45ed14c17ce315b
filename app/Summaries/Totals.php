<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Summaries\Lists\ListQuery;
use Illuminate\Support\Facades\DB;

/** How many products each filter of the catalog would show: kept up with each product that is counted. */
final class Totals
{
    /** @var array<string, array<string, int>> facet => value => more or fewer products */
    private array $changes = [];

    /**
     * @param  ?array<string, mixed>  $before  the product's summary as it was
     * @param  array<string, mixed>  $after
     */
    public function note(?array $before, array $after): void
    {
        foreach ([[$before, -1], [$after, 1]] as [$row, $sign]) {
            foreach ($row === null ? [] : self::facets($row) as [$facet, $value]) {
                $this->changes[$facet][$value] = ($this->changes[$facet][$value] ?? 0) + $sign;
            }
        }
    }

    /** Always in the same order, so that two workers do not wait for each other. */
    public function keep(): void
    {
        ksort($this->changes);
        foreach ($this->changes as $facet => $values) {
            ksort($values);
            foreach (array_filter($values) as $value => $change) {
                DB::statement(
                    'insert into catalog_totals (facet, value, products) values (?, ?, ?) on duplicate key update products = products + ?',
                    [$facet, (string) $value, $change, $change],
                );
            }
        }
        $this->changes = [];
    }

    /** @return array<string, array<string, int>> facet => value => products */
    public static function all(): array
    {
        $totals = [];
        foreach (
            DB::table('catalog_totals')->where('products', '>', 0)->orderBy('facet')->orderBy('value')->get()
            as $row
        ) {
            $totals[$row->facet][$row->value] = $row->products;
        }

        return $totals;
    }

    /** Counts all of them from the summaries, whatever was kept. */
    public static function rebuild(): void
    {
        DB::transaction(function (): void {
            DB::table('catalog_totals')->delete();
            $totals = new self();
            foreach (
                DB::table('product_summaries')
                    ->orderBy('product_id')
                    ->select([
                        'product_id',
                        'is_removed',
                        'state',
                        'stock_state',
                        'category',
                        'has_tray',
                        'lacks_price',
                        'lacks',
                    ])
                    ->lazyById(1_000, 'product_id')
                as $row
            ) {
                $totals->note(null, (array) $row);
            }
            $totals->keep();
        });
    }

    /**
     * @param  array<string, mixed>  $row
     * @return list<array{string, string}> facet and value
     */
    private static function facets(array $row): array
    {
        if ((bool) $row['is_removed']) {
            return [];
        }

        return [
            ['all', ''],
            ['state', (string) $row['state']],
            ['stock', (string) $row['stock_state']],
            ['category', (string) $row['category']],
            ...(bool) $row['has_tray'] ? [['tray', 'some']] : [],
            ...(bool) $row['lacks_price'] ? [['price', 'none']] : [],
            ...array_map(
                fn(string $view): array => [ListQuery::LACKS, $view],
                array_values(json_decode((string) $row['lacks'], true, 2, JSON_THROW_ON_ERROR)),
            ),
        ];
    }
}
