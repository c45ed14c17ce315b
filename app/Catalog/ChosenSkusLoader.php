<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\Product;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Reach\ReachIndex;
use Core\Reach\Selection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Loads the SKUs that a selection means without the rest of their product: where cells are pointed at, these alone. */
final class ChosenSkusLoader
{
    /** More cells than this are read with all others. */
    private const FEW = 200;

    /** What was loaded last, for whoever answers a change with it. */
    private ?ChosenSkus $last = null;

    public function __construct(private readonly ProductLoader $products)
    {
    }

    public function load(Product $product, Selection $selection): ChosenSkus
    {
        $ahead = $this->products->ahead($product);

        return $this->last = $ahead === null ? $this->read($product, $this->products->matrix($product), $selection) : $ahead->chosen($selection);
    }

    /** The same after their numbers were changed just now; the matrix is as it was. */
    public function again(Product $product, Selection $selection): ChosenSkus
    {
        $matrix = $this->last?->product->id === $product->id ? $this->last->matrix : $this->products->matrix($product);

        return $this->read($product, $matrix, $selection);
    }

    private function read(Product $product, Matrix $matrix, Selection $selection): ChosenSkus
    {
        $keys = $this->keys($matrix, $selection);
        $currency = Currency::of($product->currency);
        $index = new ReachIndex($selection->cells($matrix)->clauses);
        $skus = [];
        foreach ($this->rows($product->id, $keys) as $row) {
            $sku = $this->products->sku($row, $matrix, $currency);
            if ($matrix->isCell($sku->cell) && $index->covers($sku->cell)) {
                $skus[$sku->cell->key] = $sku;
            }
        }
        $made = $keys === null || count($keys) > 1 ? $this->made($product->id, $matrix) : null;
        $inOrder = array_map(fn (Combination $cell): SkuRow => $skus[$cell->key], $matrix->inOrder(array_map(fn (SkuRow $sku): Combination => $sku->cell, array_values($skus))));

        return new ChosenSkus($product, $matrix, $product->price === null ? null : Money::of($product->price, $currency), $inOrder, $selection, $made);
    }

    /** @return ?list<string> keys of the very cells that are pointed at; null where other parts are, or SKUs have values on axes that sleep */
    private function keys(Matrix $matrix, Selection $selection): ?array
    {
        if ($matrix->sleeping !== [] || count($selection->parts) > self::FEW) {
            return null;
        }
        $keys = [];
        foreach ($selection->parts as $part) {
            $combinations = array_product(array_map(count(...), $part->values())) > self::FEW ? [] : $part->parts();
            foreach ($combinations as $combination) {
                if (! $matrix->isCell($combination)) {
                    return null;
                }
                $keys[$combination->key] = $combination->key;
            }
            if ($combinations === []) {
                return null;
            }
        }

        return count($keys) > self::FEW ? null : array_values($keys);
    }

    /**
     * @param  ?list<string>  $keys
     * @return iterable<stdClass>
     */
    private function rows(int $productId, ?array $keys): iterable
    {
        return DB::table('skus')->where('product_id', $productId)->where('state', SkuState::Made->value)
            ->when($keys !== null, fn (Builder $query) => $query->whereIn('cell', $keys ?? []))->orderBy('id')->get();
    }

    /** @return list<Combination> */
    private function made(int $productId, Matrix $matrix): array
    {
        $cells = [];
        foreach (DB::table('skus')->where('product_id', $productId)->where('state', SkuState::Made->value)->orderBy('id')->pluck('cell') as $key) {
            $cell = $matrix->place(Combination::fromKey($key));
            if ($cell !== null) {
                $cells[] = $cell;
            }
        }

        return $matrix->inOrder($cells);
    }
}
