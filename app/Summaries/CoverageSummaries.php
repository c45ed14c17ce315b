<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\Need;
use Illuminate\Support\Facades\DB;

/** Keeps how the picture combinations of each product have each view of its shot list. */
final readonly class CoverageSummaries
{
    private const CHUNK = 1_000;

    /** @param  array<int, LoadedProduct>  $products  by id */
    public function keep(array $products): void
    {
        $before = [];
        foreach (DB::table('coverage_summaries')->whereIn('product_id', array_keys($products))->get() as $row) {
            $before["{$row->product_id} {$row->view}"] = (array) $row;
        }
        $rows = array_merge(...array_values(array_map($this->rows(...), $products)));
        $changed = array_values(
            array_filter(
                $rows,
                fn(array $row, string $key): bool => ($before[$key] ?? null) != $row,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        foreach (array_chunk($changed, self::CHUNK) as $chunk) {
            DB::table('coverage_summaries')->upsert(
                $chunk,
                ['product_id', 'view'],
                ['need', 'there', 'shared', 'missing', 'lacking'],
            );
        }
        foreach (array_diff_key($before, $rows) as $gone) {
            DB::table('coverage_summaries')
                ->where('product_id', $gone['product_id'])
                ->where('view', $gone['view'])
                ->delete();
        }
    }

    /** @return array<string, array<string, int|string>> by product and view */
    private function rows(LoadedProduct $loaded): array
    {
        $rows = [];
        foreach ($loaded->product->removed_at === null ? $loaded->core->coverage()->rows ?? [] : [] as $row) {
            foreach ($row->cells as $view => $cell) {
                $key = "{$loaded->product->id} {$view}";
                $rows[$key] ??= [
                    'product_id' => $loaded->product->id,
                    'view' => $cell->shot->view->key,
                    'need' => $cell->shot->need->value,
                    'there' => 0,
                    'shared' => 0,
                    'missing' => 0,
                    'lacking' => 0,
                ];
                $rows[$key][
                    match ($cell->cover) {
                        Cover::There => 'there',
                        Cover::Shared => 'shared',
                        Cover::Missing => 'missing',
                    }
                ]++;
                $rows[$key]['lacking'] += $cell->shot->need === Need::NotWanted ? 0 : $cell->lacking;
            }
        }

        return array_map(
            fn(array $row): array => $row['need'] === Need::NotWanted->value ? ['missing' => 0] + $row : $row,
            $rows,
        );
    }
}
