<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Amounts;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Roles\Role;
use Core\Matrix\Arithmetic;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Value;
use Core\Pricing\Money;
use Core\Product\Completeness;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Product\StockState;

/** What lists show of a product, counted from the product itself. */
final readonly class ProductCounting
{
    private const MOST_COLORS = 40;

    /** Without a shot list there is nothing to be complete by; without a price nothing to be cheap by. */
    private const NONE = -1;

    private const NO_PRICE = '-1.0000';

    /** @return array<string, int|string|bool|null> a row of product_summaries */
    public function of(LoadedProduct $loaded): array
    {
        $product = $loaded->product;
        $arithmetic = Arithmetic::of($loaded->core->matrix);
        $stock = new StockCount($loaded->core->made, $loaded->core->book);
        $tray = count($loaded->tray());
        $prices = array_map(fn(Sku $sku): ?Money => $loaded->core->price($sku), array_values($loaded->core->made));
        $priced = array_values(array_filter($prices));
        $lowest = array_reduce(
            $priced,
            fn(?Money $low, Money $price): Money => $low === null || $price->isLessThan($low) ? $price : $low,
        );
        $card = $loaded->core->galleries()->forChoice(Combination::of([]))->role(Role::Card)->placement();

        return [
            'product_id' => $product->id,
            'revision' => $product->revision,
            'is_removed' => $product->removed_at !== null,
            'name' => $product->name,
            'code' => $product->code,
            'category' => $product->category,
            'changed_at' => $product->updated_at->format('Y-m-d H:i:s'),
            'state' => Completeness::of($loaded->core)->value,
            'stock_state' => StockState::of($stock, count($loaded->core->made))->value,
            'has_tray' => $tray > 0,
            'lacks_price' => count($priced) < count($prices),
            'skus' => count($loaded->core->made),
            'cells' => $arithmetic->cells,
            'left_out' => $arithmetic->leftOut,
            'pictures' => count($loaded->placements) - $tray,
            'tray' => $tray,
            'coverage' => $loaded->core->coverage()?->percent() ?? self::NONE,
            'price_low' => Amounts::stored($lowest) ?? self::NO_PRICE,
            'prices' => $loaded->core->priceRange($loaded->core->made),
            'units' => $stock->units,
            'not_counted' => $stock->notCounted,
            'colors' => json_encode(
                array_slice($this->values($loaded, AxisKind::Color), 0, self::MOST_COLORS),
                JSON_THROW_ON_ERROR,
            ),
            'sizes' => json_encode($this->ends($this->values($loaded, AxisKind::Size)), JSON_THROW_ON_ERROR),
            'card_photo_id' => $card === null ? null : $loaded->placements[$card->id]->photoId,
            'card_text' => $card === null ? '' : $loaded->core->altText($card),
            ...$this->holes($loaded),
        ];
    }

    /**
     * @return array<string, int|string> required views missing over all picture combinations, the SKUs that lack one,
     *   and the keys of all views that are missing somewhere
     */
    private function holes(LoadedProduct $loaded): array
    {
        $holes = $touched = 0;
        $lacks = [];
        foreach ($loaded->core->coverage()->rows ?? [] as $row) {
            $holes += $row->lacks();
            $lacks += array_flip(array_map(fn(CoverageCell $cell): string => $cell->shot->view->key, $row->holes()));
            $touched += $row->touched;
        }

        ksort($lacks);

        return [
            'holes' => $holes,
            'touched' => $touched,
            'lacks' => json_encode(array_map(strval(...), array_keys($lacks)), JSON_THROW_ON_ERROR),
        ];
    }

    /** @return list<int> ids of the values of all axes of a kind, in order */
    private function values(LoadedProduct $loaded, AxisKind $kind): array
    {
        $ids = [];
        foreach ($loaded->core->matrix->axes as $axis) {
            if ($axis->kind === $kind) {
                array_push($ids, ...array_map(fn(Value $value): int => $value->id, $axis->values));
            }
        }

        return $ids;
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> one or two as they are; of more the first and the last, with nothing between
     */
    private function ends(array $ids): array
    {
        return count($ids) > 2 ? [$ids[0], 0, $ids[count($ids) - 1]] : $ids;
    }
}
