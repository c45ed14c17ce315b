<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\Product;
use App\Store\ProductRows;
use App\Store\StateReader;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Product\ChosenSkus;
use Core\Product\ProductState;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;

/** Loads the SKUs that a selection means without the rest of their product: where cells are pointed at, these alone. */
final class ChosenSkusLoader
{
    /** More cells than this are read with all others. */
    private const FEW = 200;

    /** What was changed last, for whoever answers the change with it. */
    private ?ChosenSkus $changed = null;

    private int $changedProductId = 0;

    public function load(Product $product, Selection $selection): ChosenSkus
    {
        $this->changed = null;
        $row = (object) $product->getAttributes();
        $rows = ProductRows::numbers([$product->id]);
        $keys = $this->keys(StateReader::matrix($row, $rows), $selection);
        $core = StateReader::numbers($row, $rows->withSkus([$product->id], $keys));
        $made = match (true) {
            $keys === null => $core->madeCells(),
            count($keys) > 1 => $this->made($product->id, $core->matrix),
            default => null,
        };

        return new ChosenSkus($core, $selection, $made);
    }

    /**
     * Those of many products in as many queries as of one.
     *
     * @param  list<Product>  $products
     * @param  array<int, Selection>  $selections  by product id
     * @return array<int, ChosenSkus> by product id
     */
    public function loadMany(array $products, array $selections): array
    {
        $ids = array_map(fn(Product $product): int => $product->id, $products);
        $rows = ProductRows::numbers($ids)->withSkus($ids);
        $chosen = [];
        foreach ($products as $product) {
            $core = StateReader::numbers((object) $product->getAttributes(), $rows);
            $chosen[$product->id] = new ChosenSkus($core, $selections[$product->id], $core->madeCells());
        }

        return $chosen;
    }

    /** What was loaded serves for the answer where nothing but numbers of SKUs changed: as it is after the change. */
    public function follow(int $productId, ChosenSkus $chosen, ProductState $after): void
    {
        $isSame = $after->details === $chosen->product->state->details;
        $this->changed = $isSame ? $chosen->after($after) : null;
        $this->changedProductId = $productId;
    }

    /** Those that were changed just now, as that left them; null where more than their numbers changed. */
    public function changed(int $productId): ?ChosenSkus
    {
        return $this->changedProductId === $productId ? $this->changed : null;
    }

    /**
     * @return ?list<string> keys of the very cells that are pointed at; null where other parts are, or SKUs have values
     *   on axes that sleep
     */
    private function keys(Matrix $matrix, Selection $selection): ?array
    {
        if ($matrix->sleeping !== [] || count($selection->parts) > self::FEW) {
            return null;
        }
        $keys = [];
        foreach ($selection->parts as $part) {
            $combinations = array_product(array_map(count(...), $part->values())) > self::FEW ? [] : $part->parts();
            foreach ($combinations as $combination) {
                if (!$matrix->isCell($combination)) {
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

    /** @return list<Combination> */
    private function made(int $productId, Matrix $matrix): array
    {
        $cells = [];
        foreach (
            DB::table('skus')
                ->where('product_id', $productId)
                ->where('state', SkuState::Made->value)
                ->orderBy('id')
                ->pluck('cell')
            as $key
        ) {
            $cell = $matrix->place(Combination::fromKey($key));
            if ($cell !== null) {
                $cells[] = $cell;
            }
        }

        return $matrix->inOrder($cells);
    }
}
