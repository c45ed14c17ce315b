<?php

declare(strict_types=1);

namespace App\Files;

use App\Catalog\ProductLoader;
use App\Models\Product;

/** Writes products as a flat sheet, one row for each SKU and left-out cell. Products are loaded one at a time. */
final class SheetExport
{
    public function __construct(private readonly ProductLoader $loader)
    {
    }

    /** @param  iterable<Product>  $products */
    public function csv(iterable $products, string $path): int
    {
        return $this->write($products, SheetWriter::csv($path));
    }

    /**
     * @param  iterable<Product>  $products
     * @return int rows written, without the header
     */
    public function write(iterable $products, SheetWriter $writer): int
    {
        $products = is_array($products) ? $products : iterator_to_array($products, false);
        $columns = SheetColumns::of(array_map(fn (Product $product): int => $product->id, $products));
        $writer->row($columns->header());
        $count = 0;
        foreach ($products as $product) {
            foreach ($columns->rows($this->loader->load($product)) as $row) {
                $writer->row($row);
                $count++;
            }
        }
        $writer->close();

        return $count;
    }
}
