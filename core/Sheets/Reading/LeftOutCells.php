<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Matrix\Matrix;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Sheets\Axes\AxisHomes;

/**
 * The matrix of a product with what the rows of a sheet leave out. Where they make SKUs, or part those that there are,
 * a combination that has no row is not sold: it is left out as well, else the plan would make it.
 */
final readonly class LeftOutCells
{
    /**
     * @param  Matrix  $matrix  with the axes and values of the sheet
     * @param  list<PlacedRow>  $placed
     * @param  list<Sku>  $made  that the product has then
     * @param  AxisHomes  $homes  where the SKUs go that it has already
     */
    public static function in(Matrix $matrix, array $placed, array $made, AxisHomes $homes): Matrix
    {
        $goes = [];
        foreach ($placed as $one) {
            // A SKU that is retired already needs no rule to stay so.
            $goes[$one->cell->key] =
                $one->state === RowState::LeftOut ||
                ($one->state === RowState::Retired && $one->own?->isMade() === true);
        }
        $standing = $isNew = [];
        foreach ($made as $sku) {
            $standing[$sku->cell->key] = true;
            $isNew[] = $sku->id === 0;
        }
        $makes = $homes->areSaidOfAll() || in_array(true, $isNew, true);
        $all = $matrix->combinations();
        $before = $after = [];
        foreach ($all as $cell) {
            $isOut = !$matrix->isOffered($cell);
            if ($isOut) {
                $before[$cell->key] = $cell;
            }
            $stays = isset($standing[$cell->key]);
            if (!$stays && ($isOut || $makes || ($goes[$cell->key] ?? false))) {
                $after[$cell->key] = $cell;
            }
        }
        if (array_keys($before) === array_keys($after)) {
            return $matrix;
        }
        $dormant = Reach::leftOutOf($matrix)->dormantIn($matrix);
        $rules = (new Simplifier())->fromCells(array_values($after), $all, $matrix)->union($dormant);

        return Matrix::of($matrix->axes, $rules, array_values($matrix->sleeping));
    }
}
