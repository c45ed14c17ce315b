<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Codes\Gtin;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The codes of products and SKUs are one set, without regard to case: what has which. */
final class TakenCodes
{
    private const CHUNK = 1000;

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
            foreach (DB::table('products')->whereIn('code', $chunk)->where('id', '<>', $sharingProductId ?? 0)->get(['code', 'name', 'removed_at']) as $row) {
                $taken[mb_strtoupper($row->code)] = $row->name.($row->removed_at === null ? '' : ', which was undone');
            }
            $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')
                ->whereIn('skus.code', $chunk)->get(['skus.id', 'skus.code', 'skus.state', 'products.name']);
            foreach ($skus as $row) {
                if (isset($except[$row->id])) {
                    continue;
                }
                $taken[mb_strtoupper($row->code)] = "a SKU of {$row->name}".($row->state === 'retired' ? ' (retired, but its code stays its own)' : '');
            }
        }

        return $taken;
    }

    /**
     * The highest number that stands between two texts in a code of the catalog.
     *
     * @return int 0 for none
     */
    public function highestNumber(string $before, string $behind): int
    {
        $like = addcslashes($before, '\\%_').'%'.addcslashes($behind, '\\%_');
        $digits = '^'.preg_quote($before).'[0-9]{1,9}'.preg_quote($behind).'$';
        $highest = 0;
        foreach (['products', 'skus'] as $table) {
            $number = DB::table($table)->where('code', 'like', $like)->whereRaw('code regexp ?', [$digits])
                ->selectRaw('max(cast(substr(code, ?, char_length(code) - ?) as unsigned)) as highest', [mb_strlen($before) + 1, mb_strlen($before) + mb_strlen($behind)])->value('highest');
            $highest = max($highest, (int) $number);
        }

        return $highest;
    }

    /**
     * @param  bool  $lock  as they stand this very moment, and nobody else takes one before this transaction ends
     * @return array<string, int> GTINs of the catalog from one to another => SKU id
     */
    public function between(string $first, string $last, bool $lock = false): array
    {
        return DB::table('skus')->when($lock, fn (Builder $query) => $query->lockForUpdate())->whereBetween('gtin', [$first, $last])->whereRaw('char_length(gtin) = ?', [strlen($first)])->pluck('id', 'gtin')->all();
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
            $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')->whereIn('skus.gtin', $chunk)->get(['skus.id', 'skus.gtin', 'skus.code', 'products.name']);
            foreach ($skus as $row) {
                if (! in_array($row->id, $exceptSkuIds, true)) {
                    $taken[$typed[$row->gtin]] = "{$row->code}, a SKU of {$row->name}";
                }
            }
        }

        return $taken;
    }

    /** What has the code, in words; null where it is free. */
    public function owner(string $code, ?int $sharingProductId = null, ?int $exceptSkuId = null): ?string
    {
        return array_values($this->among([$code], $sharingProductId, $exceptSkuId === null ? [] : [$exceptSkuId]))[0] ?? null;
    }
}
