<?php

declare(strict_types=1);

namespace App\History;

use App\Actions\Stale;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductLoader;
use App\Models\HistoryEntry;
use App\Models\Product;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** The frame of every Action on a product: right, lock, version, one transaction, one History entry. */
final class Keeper
{
    /** A deadlock or a lost connection is tried again this often in all. */
    private const TRIES = 3;

    public function __construct(private readonly ProductLoader $loader)
    {
    }

    /**
     * @param  class-string  $action
     * @param  Closure(Ledger, LoadedProduct): string  $work  writes through the ledger, returns what happened in words
     * @return ?HistoryEntry null where nothing changed
     *
     * @throws Stale
     */
    public function keep(Change $change, string $action, Closure $work): ?HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');

        return DB::transaction(function () use ($change, $action, $work): ?HistoryEntry {
            $product = $this->lock($change);
            $ledger = new Ledger();
            $words = $work($ledger, $this->loader->load($product));
            if ($ledger->isEmpty()) {
                return null;
            }

            return HistoryEntry::create([
                'product_id' => $product->id,
                'user_id' => $change->user->id,
                'action' => class_basename($action),
                'words' => mb_strimwidth($words, 0, 400, '…'),
                'version' => $change->version === null ? $product->version : $this->advance($product),
                'batch' => $change->batch,
                'packed' => HistoryEntry::pack($ledger->changes()),
                'created_at' => now(),
            ]);
        }, self::TRIES);
    }

    /** @throws Stale */
    public function lock(Change $change): Product
    {
        $product = Product::query()->lockForUpdate()->findOrFail($change->productId);
        if ($change->version !== null && $product->version !== $change->version) {
            throw Stale::since($product, $change->version);
        }

        return $product;
    }

    public function advance(Product $product): int
    {
        Product::query()->whereKey($product->id)->update(['version' => $product->version + 1, 'updated_at' => now()]);

        return $product->version + 1;
    }
}
