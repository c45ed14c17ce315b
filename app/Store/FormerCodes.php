<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** Codes that products had or have once had, so that an address with one of them still leads to its product. */
final class FormerCodes
{
    private const MOST_STEPS = 20;

    /** Both, since a change of the code can be undone. */
    public static function remember(int $productId, string ...$codes): void
    {
        DB::table('former_codes')->upsert(
            array_map(fn(string $code): array => ['code' => $code, 'product_id' => $productId], $codes),
            ['code'],
            ['product_id'],
        );
    }

    /** The product that has a code, else the one that had it last. */
    public static function product(string $code): ?Product
    {
        $product =
            Product::query()->where('code', $code)->first() ??
            Product::query()
                ->whereKey(DB::table('former_codes')->where('code', $code)->value('product_id') ?? 0)
                ->first();
        // What was put together leads to the whole, however often that happened.
        for ($steps = 0; $product?->part_of_id !== null && $steps < self::MOST_STEPS; $steps++) {
            $product = Product::query()->find($product->part_of_id);
        }

        return $product;
    }
}
