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
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Reach\Reach;
use Illuminate\Support\Facades\DB;
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
        $ids = array_map(fn (Product $product): int => $product->id, $products);
        $axes = $this->grouped(DB::table('product_axes')->join('axes', 'axes.id', '=', 'product_axes.axis_id')
            ->whereIn('product_id', $ids)->orderBy('product_axes.position')
            ->get(['product_id', 'axes.id', 'axes.name', 'axes.kind', 'axes.changes_picture']));
        $values = $this->grouped(DB::table('product_values')->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
            ->whereIn('product_id', $ids)->orderBy('product_values.position')
            ->get(['product_id', 'axis_values.id', 'axis_values.axis_id', 'axis_values.name', 'axis_values.code', 'axis_values.swatch']));
        $skus = $this->grouped(DB::table('skus')->whereIn('product_id', $ids)->orderBy('id')->get());
        $placements = $this->grouped(DB::table('placements')->join('photos', 'photos.id', '=', 'placements.photo_id')
            ->whereIn('product_id', $ids)->orderBy('placements.position')->orderBy('placements.id')
            ->get(['placements.*', 'photos.sha256', 'photos.state as photo_state', 'photos.failure', 'photos.width', 'photos.height', 'photos.bytes']));
        $shotLists = ShotListRecord::query()->get()->keyBy('id')->map(fn (ShotListRecord $list): ShotList => $list->toCore())->all();

        $loaded = [];
        foreach ($products as $product) {
            $own = $values[$product->id] ?? [];
            $loaded[$product->id] = new LoadedProduct(
                $product,
                new Matrix($this->axes($axes[$product->id] ?? [], $own), Reach::fromArrays($product->left_out)),
                array_map($this->sku(...), $skus[$product->id] ?? []),
                $this->placements($placements[$product->id] ?? []),
                array_column($own, 'swatch', 'id'),
                $shotLists[$product->shot_list_id] ?? null,
            );
        }

        return $loaded;
    }

    /**
     * @param  iterable<stdClass>  $rows
     * @return array<int, list<stdClass>>
     */
    private function grouped(iterable $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups[$row->product_id][] = $row;
        }

        return $groups;
    }

    /**
     * @param  list<stdClass>  $axes
     * @param  list<stdClass>  $values
     * @return list<Axis>
     */
    private function axes(array $axes, array $values): array
    {
        $byAxis = [];
        foreach ($values as $value) {
            $byAxis[$value->axis_id][] = new Value($value->id, $value->name, $value->code);
        }

        return array_map(fn (stdClass $axis): Axis => new Axis(
            $axis->id,
            $axis->name,
            AxisKind::from($axis->kind),
            $byAxis[$axis->id] ?? [],
            (bool) $axis->changes_picture,
        ), $axes);
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
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @return array<int, PlacementRow>
     */
    private function placements(array $rows): array
    {
        $placements = [];
        foreach ($rows as $row) {
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
                $row->sha256,
                PhotoState::from($row->photo_state),
                $row->failure,
                $row->width,
                $row->height,
                $row->bytes,
            );
        }

        return $placements;
    }
}
