<?php

declare(strict_types=1);

namespace App\Store\Products;

use Core\Codes\Gtin;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The codes of products and SKUs are one set, without regard to case: what has which. */
final class TakenCodes
{
    private const CHUNK = 1000;

    /** Sides of numbers asked about in one query. */
    private const SIDES = 100;

    /**
     * @param  list<string>  $codes
     * @param  ?int  $sharingProductId  a product that may share its code with its only SKU
     * @param  list<int>  $exceptSkuIds
     * @return array<string, string> code in upper case => what has it, in words
     */
    public function among(array $codes, ?int $sharingProductId = null, array $exceptSkuIds = []): array
    {
        $taken = [];
        $except = array_flip($exceptSkuIds);
        foreach (array_chunk($codes, self::CHUNK) as $chunk) {
            foreach (
                DB::table('products')
                    ->whereIn('code', $chunk)
                    ->where('id', '<>', $sharingProductId ?? 0)
                    ->get(['code', 'name', 'removed_at'])
                as $row
            ) {
                $taken[mb_strtoupper($row->code)] =
                    $row->name . ($row->removed_at === null ? '' : ', which was undone');
            }
            $skus = DB::table('skus')
                ->join('products', 'products.id', '=', 'skus.product_id')
                ->whereIn('skus.code', $chunk)
                ->get(['skus.id', 'skus.code', 'skus.state', 'products.name']);
            foreach ($skus as $row) {
                if (isset($except[$row->id])) {
                    continue;
                }
                $taken[mb_strtoupper($row->code)] =
                    "a SKU of {$row->name}" .
                    ($row->state === 'retired' ? ' (retired, but its code stays its own)' : '');
            }
        }

        return $taken;
    }

    /**
     * The highest numbers that stand between two texts in codes of the catalog.
     *
     * @param  array<string, array{string, string}>  $around  what stands before and behind
     * @return array<string, int> by the same keys; 0 for none
     */
    public function highestNumbers(array $around): array
    {
        $highest = array_fill_keys(array_keys($around), 0);
        foreach (array_chunk($around, self::SIDES, true) as $chunk) {
            $keys = array_keys($chunk);
            $queries = [];
            foreach (array_values($chunk) as $at => [$before, $behind]) {
                foreach (['products', 'skus'] as $table) {
                    $queries[] = DB::table($table)
                        ->where('code', 'like', addcslashes($before, '\\%_') . '%' . addcslashes($behind, '\\%_'))
                        ->whereRaw('code regexp ?', [
                            '^' . preg_quote($before) . '[0-9]{1,9}' . preg_quote($behind) . '$',
                        ])
                        ->selectRaw(
                            '? as at, max(cast(substr(code, ?, char_length(code) - ?) as unsigned)) as highest',
                            [$at, mb_strlen($before) + 1, mb_strlen($before) + mb_strlen($behind)],
                        );
                }
            }
            $all = array_reduce(
                array_slice($queries, 1),
                fn(Builder $union, Builder $one): Builder => $union->unionAll($one),
                $queries[0],
            );
            foreach ($all->get() as $row) {
                $highest[$keys[(int) $row->at]] = max($highest[$keys[(int) $row->at]], (int) $row->highest);
            }
        }

        return $highest;
    }

    /**
     * How many numbers of each range SKUs have.
     *
     * @param  array<int, array{string, string}>  $ranges  the first and the last
     * @return array<int, int> by the same keys
     */
    public function countsBetween(array $ranges): array
    {
        $counts = DB::query();
        foreach ($ranges as $at => [$first, $last]) {
            $counts->selectSub(
                DB::table('skus')
                    ->whereBetween('gtin', [$first, $last])
                    ->whereRaw('char_length(gtin) = ?', [strlen($first)])
                    ->selectRaw('count(*)'),
                "range_{$at}",
            );
        }
        $row = $ranges === [] ? null : $counts->first();

        return array_combine(
            array_keys($ranges),
            array_map(fn(int $at): int => (int) ($row->{"range_{$at}"} ?? 0), array_keys($ranges)),
        );
    }

    /**
     * @param  bool  $lock  as they stand this very moment, and nobody else takes one before this transaction ends
     * @return array<string, int> GTINs of the catalog from one to another => SKU id
     */
    public function between(string $first, string $last, bool $lock = false): array
    {
        return DB::table('skus')
            ->when($lock, fn(Builder $query) => $query->lockForUpdate())
            ->whereBetween('gtin', [$first, $last])
            ->whereRaw('char_length(gtin) = ?', [strlen($first)])
            ->pluck('id', 'gtin')
            ->all();
    }

    /**
     * @param  list<string>  $gtins
     * @param  list<int>  $exceptSkuIds
     * @return array<string, string> GTIN => what has it, in words
     */
    public function gtins(array $gtins, array $exceptSkuIds = []): array
    {
        $taken = [];
        $typed = [];
        foreach ($gtins as $gtin) {
            $typed += array_fill_keys(Gtin::forms($gtin), $gtin);
        }
        foreach (array_chunk(array_map(strval(...), array_keys($typed)), self::CHUNK) as $chunk) {
            $skus = DB::table('skus')
                ->join('products', 'products.id', '=', 'skus.product_id')
                ->whereIn('skus.gtin', $chunk)
                ->get(['skus.id', 'skus.gtin', 'skus.code', 'products.name']);
            foreach ($skus as $row) {
                if (!in_array($row->id, $exceptSkuIds, true)) {
                    $taken[$typed[$row->gtin]] = "{$row->code}, a SKU of {$row->name}";
                }
            }
        }

        return $taken;
    }

    /** What has the code, in words; null where it is free. */
    public function owner(string $code, ?int $sharingProductId = null, ?int $exceptSkuId = null): ?string
    {
        return array_values($this->among([$code], $sharingProductId, $exceptSkuId === null ? [] : [$exceptSkuId]))[0] ??
            null;
    }
}
