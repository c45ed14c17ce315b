<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\ChangeLog;
use App\Models\Product;
use App\Store\DetailRows;
use App\Store\StateReader;
use Core\Details\Details;
use Core\Details\PriceList;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Sku;
use Core\Reach\ReachIndex;
use Core\Reach\Selection;
use Core\Stock\StockBook;
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

    /** What was loaded serves for the answer where nothing but numbers of SKUs changed. */
    public function follow(ChangeLog $changes): void
    {
        foreach (['products', 'product_values', 'details'] as $table) {
            if ($changes->idsOf($table) !== []) {
                $this->last = null;
            }
        }
    }

    /** Whether the last change of a product was of the numbers of its SKUs alone. */
    public function hasOnlyNumbersChanged(Product $product): bool
    {
        return $this->last?->product->id === $product->id;
    }

    /** The same after their numbers were changed just now; the matrix is as it was, and how prices come about. */
    public function again(Product $product, Selection $selection): ChosenSkus
    {
        $last = $this->last?->product->id === $product->id ? $this->last : null;

        return $this->read($product, $last->matrix ?? $this->products->matrix($product), $selection, $last);
    }

    /** @param  ?ChosenSkus  $last  whose prices come about as before */
    private function read(Product $product, Matrix $matrix, Selection $selection, ?ChosenSkus $last = null): ChosenSkus
    {
        $details = $last === null || $last->book->counting->isShared() ? DetailRows::of($product->id) : $last->details;
        $book = new StockBook($details, $matrix);
        $keys = $this->keys($matrix, $selection);
        $currency = Currency::of($product->currency);
        $index = new ReachIndex($selection->cells($matrix)->clauses);
        $skus = [];
        foreach ($this->rows($product->id, $keys) as $row) {
            $sku = StateReader::sku($row, $matrix, $currency);
            if ($matrix->isCell($sku->cell) && $index->covers($sku->cell)) {
                $skus[$sku->cell->key] = $sku;
            }
        }
        $made = $keys === null || count($keys) > 1 ? $this->made($product->id, $matrix) : null;
        $inOrder = array_map(fn (Combination $cell): Sku => $skus[$cell->key], $matrix->inOrder(array_map(fn (Sku $sku): Combination => $sku->cell, array_values($skus))));

        return new ChosenSkus($product, $matrix, $last->prices ?? $this->prices($product, $matrix, $currency, $details), $details, $book, $inOrder, $selection, $made);
    }

    private function prices(Product $product, Matrix $matrix, Currency $currency, Details $details): PriceList
    {
        $adjusting = DB::table('product_values')->where('product_id', $product->id)->where(fn (Builder $any) => $any->whereNotNull('price_amount')->orWhereNotNull('price_percent'))->get(['value_id', 'price_amount', 'price_percent']);

        return new PriceList($currency, $product->price === null ? null : Money::of($product->price, $currency), DetailRows::adjustments($adjusting, $currency), $details, $matrix);
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
