<?php

declare(strict_types=1);

namespace App\Catalog;

use Illuminate\Support\Facades\DB;

/** What is meant by a few letters typed into the top bar: products, SKUs, pictures. */
final class Jump
{
    private const HITS = 8;

    private const SHORTEST = 2;

    public function __construct(private readonly ProductList $list)
    {
    }

    /** @return list<Hit> */
    public function hits(string $typed): array
    {
        $typed = trim($typed);
        if (mb_strlen($typed) < self::SHORTEST) {
            return [];
        }
        $hits = [];
        foreach (array_slice($this->list->named($typed), 0, self::HITS) as $row) {
            $hits[] = new Hit($row->live_name, $row->live_code, $row->live_code);
        }
        $like = addcslashes($typed, '%_\\').'%';
        $columns = ['skus.code', 'skus.gtin', 'skus.cell', 'skus.state', 'products.name', 'products.code as product'];
        foreach (['code', ...(ctype_digit($typed) ? ['gtin'] : [])] as $column) {
            $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')->whereNull('products.removed_at')->where("skus.{$column}", 'like', $like)->orderBy("skus.{$column}")->limit(self::HITS)->get($columns);
            foreach ($skus as $sku) {
                $hits[] = new Hit($column === 'gtin' ? $sku->gtin : $sku->code, ($column === 'gtin' ? "{$sku->code}, " : '').$sku->name.($sku->state === 'retired' ? ', retired' : ''), $sku->product, $sku->cell === '' ? '*' : $sku->cell);
            }
        }
        $photos = DB::table('placements')->join('products', 'products.id', '=', 'placements.product_id')->whereNull('products.removed_at')
            ->where('placements.file_name', 'like', $like)->orderBy('placements.file_name')->limit(self::HITS)->get(['placements.file_name', 'products.name', 'products.code as product']);
        foreach ($photos as $photo) {
            $hits[] = new Hit($photo->file_name, 'picture of '.$photo->name, $photo->product, '*');
        }

        return $hits;
    }
}
