<?php

declare(strict_types=1);

namespace App\Store;

use Core\Product\SkuFields;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** What any of many products has or says, so that a sheet of them has a column for it. */
final readonly class DetailsInUse
{
    /** Products asked about in one query. */
    private const CHUNK = 5_000;

    /**
     * @param  array<int, string>  $axes  names by axis id, in the order in which products have them
     * @param  array<int, int>  $swatched  ids of axes with swatches, as keys
     * @param  array<string, int>  $kinds  kinds of details, as keys
     * @param  list<string>  $facts  names, in order
     * @param  list<string>  $skuColumns  columns of texts of SKUs
     */
    private function __construct(
        public array $axes,
        public array $swatched,
        public array $kinds,
        public array $facts,
        public array $skuColumns,
    ) {}

    /** @param  list<int>  $productIds */
    public static function in(array $productIds): self
    {
        $places = $swatched = $kinds = $facts = $columns = [];
        foreach (array_chunk($productIds, self::CHUNK) as $ids) {
            foreach (self::axes($ids) as $id => [$place, $name]) {
                $places[$id] = [min($place, $places[$id][0] ?? $place), $id, $name];
            }
            $swatched += self::swatched($ids);
            $kinds += array_flip(DB::table('details')->whereIn('product_id', $ids)->distinct()->pluck('kind')->all());
            $named = DB::table('facts')
                ->whereIn('product_id', $ids)
                ->groupBy('folded')
                ->selectRaw('folded, min(name) as name')
                ->pluck('name', 'folded')
                ->all();
            foreach ($named as $folded => $name) {
                $facts[$folded] = min($name, $facts[$folded] ?? $name);
            }
            $columns = [...$columns, ...self::columns($ids)];
        }
        sort($places);
        ksort($facts, SORT_STRING);

        return new self(
            array_column($places, 2, 1),
            $swatched,
            $kinds,
            array_values($facts),
            array_values(array_unique($columns)),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array{int, string}> place and name by axis id
     */
    private static function axes(array $ids): array
    {
        return DB::table('product_axes')
            ->join('axes', 'axes.id', '=', 'product_axes.axis_id')
            ->whereIn('product_id', $ids)
            ->whereNotNull('product_axes.position')
            ->groupBy('axes.id', 'axes.name')
            ->selectRaw('axes.id, axes.name, min(product_axes.position) as place')
            ->get()
            ->keyBy('id')
            ->map(fn(object $axis): array => [$axis->place, $axis->name])
            ->all();
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, int> ids of axes, as keys
     */
    private static function swatched(array $ids): array
    {
        $ofItsAxis = fn(JoinClause $own) => $own
            ->on('product_axes.product_id', '=', 'product_values.product_id')
            ->on('product_axes.axis_id', '=', 'product_values.axis_id');

        return array_flip(
            DB::table('product_values')
                ->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
                ->join('product_axes', $ofItsAxis)
                ->whereIn('product_values.product_id', $ids)
                ->whereNotNull('product_values.position')
                ->whereNotNull('product_axes.position')
                ->where(
                    fn(Builder $any) => $any
                        ->whereNotNull('axis_values.swatch')
                        ->orWhereNotNull('product_values.swatch'),
                )
                ->distinct()
                ->pluck('axis_values.axis_id')
                ->all(),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<string>
     */
    private static function columns(array $ids): array
    {
        $columns = [];
        foreach (SkuFields::texts() as $field) {
            if (DB::table('skus')->whereIn('product_id', $ids)->whereNotNull($field->column())->exists()) {
                $columns[] = $field->column();
            }
        }

        return $columns;
    }
}
