<?php

declare(strict_types=1);

namespace Core\Sheets\Writing;

use Core\Matrix\Combination;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Reach\Reach;

/** The rows of a product in the flat sheet: one for each SKU and each cell that is left out, in the product's order. */
final class SheetLines
{
    /**
     * @param  ?Reach  $only  the cells that are wanted; null for all
     * @return iterable<SheetLine> a product that has no SKU yet has one as well, where all are wanted
     */
    public static function of(Product $product, ?Reach $only = null): iterable
    {
        $retired = self::retired($product);
        $isFirst = true;
        // What several SKUs are sold from stands on the first of them, so that the column adds up.
        $pools = [];
        foreach ($product->matrix->inOrder($product->matrix->combinations()) as $cell) {
            $sku = $product->made[$cell->key] ?? ($retired[$cell->key] ?? null);
            $isLeftOut = !$product->matrix->isOffered($cell);
            if (($sku === null && !$isLeftOut) || $only?->covers($cell) === false) {
                continue;
            }
            yield new SheetLine($cell, $sku, $isLeftOut ? 'left out' : $sku->state->value ?? '', $isFirst, $pools);
            $isFirst = false;
            $pools += $sku?->isMade() === true ? [$product->source($sku) => true] : [];
        }
        if ($isFirst && $only === null) {
            yield new SheetLine(Combination::of([]), null, '');
        }
    }

    /** @return array<string, Sku> by key of the cell: of several the last on offer stands for it */
    private static function retired(Product $product): array
    {
        $retired = array_filter(
            $product->state->skus,
            fn(Sku $sku): bool => !$sku->isMade() &&
                $product->matrix->isCell($sku->cell) &&
                !isset($product->made[$sku->cell->key]),
        );
        usort($retired, fn(Sku $a, Sku $b): int => [$b->retiredAt, $a->id] <=> [$a->retiredAt, $b->id]);
        $byCell = [];
        foreach ($retired as $sku) {
            $byCell[$sku->cell->key] ??= $sku;
        }

        return $byCell;
    }
}
