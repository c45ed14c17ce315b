<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\HistoryEntry;
use App\Models\Product;
use Core\Catalog\ComparedSku;
use Core\Catalog\ProductState;
use Core\Gallery\Placement;
use Illuminate\Support\Facades\DB;

/** A product as it was after an entry of its history: what is stored, with all later changes taken back in memory. */
final class Snapshots
{
    private const DETAILS = ['name' => 'Name', 'description' => 'Description', 'brand' => 'Brand', 'category' => 'Category', 'currency' => 'Currency', 'price' => 'Price'];

    public function __construct(private readonly ProductLoader $loader)
    {
    }

    /** @param  ?int  $entryId  the last entry that counts; null for the product as it is */
    public function at(Product $product, ?int $entryId): ProductState
    {
        if ($entryId === null) {
            return $this->state($this->loader->load($product));
        }
        $rows = ['products' => [$product->id => (array) DB::table('products')->find($product->id)]];
        foreach (array_keys(ProductRows::TABLES) as $table) {
            $rows[$table] = DB::table($table)->where('product_id', $product->id)->get()->keyBy('id')->map(fn (object $row): array => (array) $row)->all();
        }
        $later = HistoryEntry::query()->where('product_id', $product->id)->whereNull('undone_at')->where('id', '>', $entryId)->lazyByIdDesc(50);
        foreach ($later as $entry) {
            $rows = $this->takenBack($rows, $entry);
        }
        $past = (new Product())->newFromBuilder($rows['products'][$product->id]);

        return $this->state($this->loader->assemble([$past], ProductRows::past($product->id, $rows))[$product->id]);
    }

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $rows  table => id => row
     * @return array<string, array<int, array<string, mixed>>>
     */
    private function takenBack(array $rows, HistoryEntry $entry): array
    {
        foreach ($entry->rowChanges(backwards: true) as $change) {
            // What the library shares is as it is today at every point of a product's history.
            if (isset($rows[$change->table])) {
                if ($change->before === null) {
                    unset($rows[$change->table][$change->id]);
                } else {
                    $rows[$change->table][$change->id] = $change->before + ($rows[$change->table][$change->id] ?? []);
                }
            }
        }

        return $rows;
    }

    private function state(LoadedProduct $loaded): ProductState
    {
        $product = $loaded->product;
        $skus = [];
        foreach ($loaded->skus as $sku) {
            $price = $loaded->price($sku);
            $skus[$sku->id] = new ComparedSku($sku->code, $sku->cell, $sku->isMade(), $price?->shown() ?? '', $sku->stock);
        }
        $details = [];
        foreach (self::DETAILS as $field => $name) {
            $details[$name] = $field === 'price' ? $loaded->basePrice?->shown() ?? '' : (string) $product->{$field};
        }
        foreach ($loaded->facts as $fact) {
            $details["Fact {$fact->name}"] = $fact->value;
        }
        foreach ($loaded->openings as $axisId => $valueId) {
            $axis = $loaded->matrix->axis($axisId);
            $details["Opens with {$axis?->name}"] = $axis?->value($valueId)->label ?? '';
        }

        return new ProductState($loaded->matrix, $skus, array_map(fn (PlacementRow $row): Placement => $row->placement, $loaded->placements), $details);
    }
}
