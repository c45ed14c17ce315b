<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\PhotoState;
use App\Models\Product;
use App\Models\ShotListRecord;
use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Gallery\ShotList;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Reach\Reach;
use stdClass;

/** Loads a product into core values. */
final class ProductLoader
{
    public function load(Product $product): LoadedProduct
    {
        return $this->loadMany([$product])[$product->id];
    }

    /**
     * Several products in as many queries as one.
     *
     * @param  list<Product>  $products
     * @return array<int, LoadedProduct> by product id
     */
    public function loadMany(array $products): array
    {
        return $this->assemble($products, ProductRows::stored(array_map(fn (Product $product): int => $product->id, $products)));
    }

    /**
     * @param  list<Product>  $products
     * @return array<int, LoadedProduct> by product id
     */
    public function assemble(array $products, ProductRows $rows): array
    {
        $axes = $rows->referred('product_axes', 'axis_id', 'axes');
        $values = $rows->referred('product_values', 'value_id', 'axis_values');
        $photos = $rows->referred('placements', 'photo_id', 'photos');
        $shotLists = ShotListRecord::query()->get()->keyBy('id')->map(fn (ShotListRecord $list): ShotList => $list->toCore())->all();

        $loaded = [];
        foreach ($products as $product) {
            $ownAxes = $this->used($rows->of('product_axes', $product->id));
            $ownValues = $this->used($rows->of('product_values', $product->id));
            $swatches = [];
            foreach ($ownValues as $row) {
                $swatches[$row->value_id] = $values[$row->value_id]->swatch;
            }
            $loaded[$product->id] = new LoadedProduct(
                $product,
                new Matrix($this->axes($ownAxes, $axes, $ownValues, $values), Reach::fromArrays($product->left_out)),
                array_map($this->sku(...), $rows->of('skus', $product->id)),
                $this->placements($rows->of('placements', $product->id), $photos),
                $swatches,
                $shotLists[$product->shot_list_id] ?? null,
                array_filter(array_column($ownAxes, 'opening_value_id', 'axis_id')),
                array_map(fn (stdClass $row): Fact => new Fact($row->id, $row->name, $row->value), $rows->of('facts', $product->id)),
            );
        }

        return $loaded;
    }

    /**
     * Axes and values that a product does not use at the moment have a row without a place.
     *
     * @param  list<stdClass>  $rows
     * @return list<stdClass>
     */
    private function used(array $rows): array
    {
        return array_values(array_filter($rows, fn (stdClass $row): bool => $row->position !== null));
    }

    /**
     * @param  list<stdClass>  $used  product axes, in order
     * @param  array<int, stdClass>  $library  axes by id
     * @param  list<stdClass>  $usedValues  product values, in order
     * @param  array<int, stdClass>  $libraryValues  values by id
     * @return list<Axis>
     */
    private function axes(array $used, array $library, array $usedValues, array $libraryValues): array
    {
        $byAxis = [];
        foreach ($usedValues as $row) {
            $value = $libraryValues[$row->value_id];
            $byAxis[$row->axis_id][] = new Value($value->id, $row->label ?? $value->name, $value->code);
        }

        return array_map(fn (stdClass $row): Axis => new Axis(
            $row->axis_id,
            $library[$row->axis_id]->name,
            AxisKind::from($library[$row->axis_id]->kind),
            $byAxis[$row->axis_id] ?? [],
            (bool) $library[$row->axis_id]->changes_picture,
            AxisDisplay::from($library[$row->axis_id]->display),
        ), $used);
    }

    private function sku(stdClass $row): SkuRow
    {
        return new SkuRow(
            $row->id,
            Combination::fromKey($row->cell),
            SkuState::from($row->state),
            $row->code,
            $row->gtin,
            $row->price,
            $row->stock,
            $row->weight_g,
            $row->retired_version,
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @param  array<int, stdClass>  $photos  by id
     * @return array<int, PlacementRow>
     */
    private function placements(array $rows, array $photos): array
    {
        $placements = [];
        foreach ($rows as $row) {
            $photo = $photos[$row->photo_id];
            $placements[$row->id] = new PlacementRow(
                new Placement(
                    $row->id,
                    $row->file_name,
                    Clauses::decode($row->reach),
                    Clauses::decode($row->hidden),
                    View::tryFrom($row->view ?? ''),
                    array_map(Role::from(...), json_decode($row->roles, true, 8, JSON_THROW_ON_ERROR)),
                    $row->alt_text,
                ),
                $row->position,
                $row->photo_id,
                $photo->sha256,
                PhotoState::from($photo->state),
                $photo->failure,
                $photo->width,
                $photo->height,
                $photo->bytes,
            );
        }

        return $placements;
    }
}
