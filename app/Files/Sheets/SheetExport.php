<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use App\Models\Product;
use App\Store\ConsistentRead;
use App\Store\Products\ProductLoader;
use Core\Reach\Selection;

/**
 * Writes products as a flat sheet, one row for each SKU and left-out cell: a hundred products at a time, however many
 * there are, and all as they are at one moment.
 */
final class SheetExport
{
    private const CHUNK = 100;

    public function __construct(private readonly ProductLoader $loader) {}

    /**
     * One product, or what is selected of it.
     *
     * @return int rows written, without the header
     */
    public function csv(Product $product, string $path, ?Selection $selection = null): int
    {
        return $this->write([$product->id], SheetWriter::csv($path), selection: $selection);
    }

    /**
     * @param  list<int>  $productIds  in the order of the sheet
     * @param  ?list<string>  $headers  of the columns that are wanted; null for all
     * @param  ?Selection  $selection  the cells that are wanted of each; null for all
     * @return int rows written, without the header
     */
    public function write(
        array $productIds,
        SheetWriter $writer,
        ?array $headers = null,
        ?Selection $selection = null,
    ): int {
        return ConsistentRead::of(function () use ($productIds, $writer, $headers, $selection): int {
            $columns = SheetColumns::of($productIds);
            $wanted = $headers === null ? $columns : $columns->only($headers);

            return $this->written($productIds, $writer, $wanted, $selection);
        });
    }

    /** @param  list<int>  $productIds */
    private function written(array $productIds, SheetWriter $writer, SheetColumns $columns, ?Selection $selection): int
    {
        $writer->row($columns->header());
        $count = 0;
        foreach (array_chunk($productIds, self::CHUNK) as $chunk) {
            $products = Product::query()->whereKey($chunk)->get()->keyBy('id');
            $loaded = $this->loader->loadMany(array_values($products->all()));
            foreach (array_intersect($chunk, array_keys($loaded)) as $id) {
                $product = $loaded[$id]->core;
                foreach ($columns->rows($product, $selection?->cells($product->matrix)) as $row) {
                    $writer->row($row);
                    $count++;
                }
            }
        }
        $writer->close();

        return $count;
    }
}
