<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;

/**
 * The galleries of all selected SKUs read as one: every picture that any of them shows, in the one
 * order, with how many of them show it. Nothing selected: every linked picture of the product.
 */
final class SelectionGallery
{
    /** @var array<int, int> placement id => SKUs that show it */
    public readonly array $shownBy;

    /** @var array<int, Entry> placement id => the entry of the first SKU that shows it */
    public readonly array $shown;

    /** @var array<int, Entry> placement id => pictures that reach the selection but are hidden there */
    public readonly array $hidden;

    /** @var list<Gallery> the different galleries, the first SKU's first */
    public readonly array $galleries;

    public readonly int $skuCount;

    public function __construct(public readonly SelectedPart $selection)
    {
        $product = $selection->product;
        $skus = $selection->isNothing() ? array_values($product->made) : $selection->skus();
        $galleries = [];
        $times = [];
        foreach ($skus as $sku) {
            $gallery = $product->galleries()->of($sku->cell);
            $galleries[spl_object_id($gallery)] = $gallery;
            $times[spl_object_id($gallery)] = ($times[spl_object_id($gallery)] ?? 0) + 1;
        }
        $shown = [];
        $shownBy = [];
        $hidden = [];
        foreach ($galleries as $at => $gallery) {
            foreach ($gallery->entries as $entry) {
                $shown[$entry->placement->id] ??= $entry;
                $shownBy[$entry->placement->id] = ($shownBy[$entry->placement->id] ?? 0) + $times[$at];
            }
            foreach ($gallery->hidden as $entry) {
                $hidden[$entry->placement->id] ??= $entry;
            }
        }
        $this->skuCount = count($skus);
        $this->galleries = array_values($galleries);
        $this->shown = self::inOrder($shown, $product);
        $this->hidden = self::inOrder($hidden, $product);
        $this->shownBy = $shownBy;
    }

    /**
     * @param  array<int, Entry>  $entries  by placement id
     * @return array<int, Entry> the same in the one order
     */
    private static function inOrder(array $entries, Product $product): array
    {
        $ordered = [];
        foreach ($product->state->pictures as $picture) {
            if (isset($entries[$picture->id])) {
                $ordered[$picture->id] = $entries[$picture->id];
            }
        }

        return $ordered;
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_keys($this->shown);
    }

    /** Whether every selected SKU shows the same pictures. */
    public function isOne(): bool
    {
        return array_filter($this->shownBy, fn(int $times): bool => $times < $this->skuCount) === [];
    }
}
