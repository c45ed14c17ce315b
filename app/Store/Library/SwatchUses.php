<?php

declare(strict_types=1);

namespace App\Store\Library;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Which pictures swatches are pieces of. */
final class SwatchUses
{
    /**
     * @param  list<int>  $photoIds
     * @return array<int, non-empty-list<string>> photo id => whose swatch it is: "Color Moss", "Color Moss of Potting
     *   smock"
     */
    public static function of(array $photoIds): array
    {
        $uses = [];
        foreach (
            DB::table('axis_values')
                ->join('axes', 'axes.id', '=', 'axis_values.axis_id')
                ->whereIn('axis_values.swatch_photo_id', $photoIds)
                ->orderBy('axis_values.id')
                ->get(['axis_values.swatch_photo_id', 'axes.name as axis', 'axis_values.name'])
            as $row
        ) {
            $uses[(int) $row->swatch_photo_id][] = "{$row->axis} {$row->name}";
        }
        foreach (
            DB::table('product_values')
                ->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
                ->join('axes', 'axes.id', '=', 'product_values.axis_id')
                ->join('products', 'products.id', '=', 'product_values.product_id')
                ->whereIn('product_values.swatch_photo_id', $photoIds)
                ->orderBy('product_values.id')
                ->get([
                    'product_values.swatch_photo_id',
                    'axes.name as axis',
                    'axis_values.name',
                    'products.name as product',
                ])
            as $row
        ) {
            $uses[(int) $row->swatch_photo_id][] = "{$row->axis} {$row->name} of {$row->product}";
        }

        return $uses;
    }

    /** Pictures that no swatch is a piece of. */
    public static function none(Builder $photos): Builder
    {
        return $photos
            ->whereNotExists(
                fn(Builder $values) => $values
                    ->from('axis_values')
                    ->whereColumn('axis_values.swatch_photo_id', 'photos.id'),
            )
            ->whereNotExists(
                fn(Builder $values) => $values
                    ->from('product_values')
                    ->whereColumn('product_values.swatch_photo_id', 'photos.id'),
            );
    }
}
