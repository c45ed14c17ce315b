<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use Core\Product\SkuFields;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is meant by a few letters typed into the top bar: products, SKUs, pictures. */
final class QuickSearch
{
    private const HITS = 8;

    private const SHORTEST = 2;

    public function __construct(private readonly ProductList $list) {}

    /** @return list<SearchHit> */
    public function hits(string $typed): array
    {
        $typed = trim($typed);
        if (mb_strlen($typed) < self::SHORTEST) {
            return [];
        }
        $hits = $this->products($typed);
        foreach (SkuFields::searchedBy($typed) as $field) {
            $column = $field->column();
            $columns = array_values(array_unique(['code', $column, 'cell', 'state']));
            foreach ($this->beginning('skus', $column, $typed, $columns) as [$sku, $product]) {
                $where =
                    ($column === 'code' ? '' : "{$sku->code}, ") .
                    $product->name .
                    ($sku->state === 'retired' ? ', retired' : '');
                $hits[] = new SearchHit($sku->{$column}, $where, $product->code, $sku->cell === '' ? '*' : $sku->cell);
            }
        }
        foreach ($this->beginning('placements', 'file_name', $typed, ['file_name']) as [$placement, $product]) {
            $hits[] = new SearchHit($placement->file_name, "picture of {$product->name}", $product->code, '*');
        }

        return $hits;
    }

    /** @return list<SearchHit> products by their names and codes alone */
    public function products(string $typed): array
    {
        $named = mb_strlen(trim($typed)) < self::SHORTEST ? [] : $this->list->named(trim($typed));

        return array_map(
            fn(ListedProduct $product): SearchHit => new SearchHit($product->name, $product->code, $product->code),
            array_slice($named, 0, self::HITS),
        );
    }

    /**
     * Rows whose column begins so, in order, each with its product. The index alone says which; their products are
     * looked up after, so that many that begin alike cost no more than few.
     *
     * @param  list<string>  $columns
     * @return list<array{stdClass, stdClass}>
     */
    private function beginning(string $table, string $column, string $typed, array $columns): array
    {
        $ids = DB::table($table)
            ->where($column, 'like', SearchWords::beginning($typed))
            ->orderBy($column)
            ->limit(2 * self::HITS)
            ->pluck('id')
            ->all();
        $rows = DB::table($table)
            ->whereIn('id', $ids)
            ->orderBy($column)
            ->get(['product_id', ...$columns]);
        $products = DB::table('products')
            ->whereIn('id', $rows->pluck('product_id')->unique()->all())
            ->whereNull('removed_at')
            ->get(['id', 'code', 'name'])
            ->keyBy('id');
        $found = [];
        foreach ($rows as $row) {
            if (isset($products[$row->product_id]) && count($found) < self::HITS) {
                $found[] = [$row, $products[$row->product_id]];
            }
        }

        return $found;
    }
}
