<?php

declare(strict_types=1);

namespace App\Catalog;

use Illuminate\Support\Facades\DB;

/** The codes of products and SKUs are one set, without regard to case: what has which. */
final class TakenCodes
{
    private const CHUNK = 1000;

    /**
     * @param  list<string>  $codes
     * @param  ?int  $sharingProductId  a product that may share its code with its only SKU
     * @return array<string, string> code in upper case => what has it, in words
     */
    public function among(array $codes, ?int $sharingProductId = null, ?int $exceptSkuId = null): array
    {
        $taken = [];
        foreach (array_chunk($codes, self::CHUNK) as $chunk) {
            foreach (DB::table('products')->whereIn('code', $chunk)->where('id', '<>', $sharingProductId ?? 0)->get(['code', 'name', 'removed_at']) as $row) {
                $taken[mb_strtoupper($row->code)] = $row->name.($row->removed_at === null ? '' : ', which was undone');
            }
            $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')
                ->whereIn('skus.code', $chunk)->where('skus.id', '<>', $exceptSkuId ?? 0)->get(['skus.code', 'skus.state', 'products.name']);
            foreach ($skus as $row) {
                $taken[mb_strtoupper($row->code)] = "a SKU of {$row->name}".($row->state === 'retired' ? ' (retired, but its code stays its own)' : '');
            }
        }

        return $taken;
    }

    /**
     * @param  list<string>  $gtins
     * @param  list<int>  $exceptSkuIds
     * @return array<string, string> GTIN => what has it, in words
     */
    public function gtins(array $gtins, array $exceptSkuIds = []): array
    {
        $taken = [];
        foreach (array_chunk($gtins, self::CHUNK) as $chunk) {
            $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')->whereIn('skus.gtin', $chunk)->get(['skus.id', 'skus.gtin', 'skus.code', 'products.name']);
            foreach ($skus as $row) {
                if (! in_array($row->id, $exceptSkuIds, true)) {
                    $taken[$row->gtin] = "{$row->code}, a SKU of {$row->name}";
                }
            }
        }

        return $taken;
    }

    /** What has the code, in words; null where it is free. */
    public function owner(string $code, ?int $sharingProductId = null, ?int $exceptSkuId = null): ?string
    {
        return array_values($this->among([$code], $sharingProductId, $exceptSkuId))[0] ?? null;
    }
}
