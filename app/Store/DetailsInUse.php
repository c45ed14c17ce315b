<?php

declare(strict_types=1);

namespace App\Store;

use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Product\SkuFields;
use Core\Sheets\Columns\FactColumn;
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
     * @param  array<int, int>  $adding  ids of axes whose values add to a price, as keys
     * @param  list<FactColumn>  $facts  in the order of their names; each as the most of them are
     * @param  list<string>  $skuColumns  columns of texts of SKUs
     */
    private function __construct(
        public array $axes,
        public array $swatched,
        public array $adding,
        public array $kinds,
        public array $facts,
        public array $skuColumns,
    ) {}

    /** @param  list<int>  $productIds */
    public static function in(array $productIds): self
    {
        $places = $swatched = $adding = $kinds = $facts = $columns = [];
        foreach (array_chunk($productIds, self::CHUNK) as $ids) {
            foreach (self::axes($ids) as $id => [$place, $name]) {
                $places[$id] = [min($place, $places[$id][0] ?? $place), $id, $name];
            }
            $swatched += self::swatched($ids);
            $adding += self::adding($ids);
            $kinds += array_flip(DB::table('details')->whereIn('product_id', $ids)->distinct()->pluck('kind')->all());
            $facts += self::facts($ids);
            $columns = [...$columns, ...self::columns($ids)];
        }
        sort($places);
        ksort($facts, SORT_STRING);

        return new self(
            array_column($places, 2, 1),
            $swatched,
            $adding,
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
     * @return array<int, int> ids of axes, as keys
     */
    private static function adding(array $ids): array
    {
        return array_flip(
            DB::table('product_values')
                ->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
                ->whereIn('product_values.product_id', $ids)
                ->whereNotNull('product_values.position')
                ->where(
                    fn(Builder $any) => $any
                        ->whereNotNull('product_values.price_amount')
                        ->orWhereNotNull('product_values.price_percent'),
                )
                ->distinct()
                ->pluck('axis_values.axis_id')
                ->all(),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<string, FactColumn> by folded name and what is said beside it
     */
    private static function facts(array $ids): array
    {
        $facts = [];
        foreach (
            DB::table('facts')
                ->whereIn('product_id', $ids)
                ->groupBy('folded', 'kind', 'unit', 'is_shown')
                ->orderBy('folded')
                ->selectRaw('folded, kind, unit, is_shown, min(name) as name')
                ->get()
            as $row
        ) {
            $fact = new Fact(0, $row->name, '', FactKind::from($row->kind), $row->unit, (bool) $row->is_shown);
            $facts["{$row->folded} {$row->kind} {$row->unit} {$row->is_shown}"] = FactColumn::ofFact($fact);
        }

        return $facts;
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
