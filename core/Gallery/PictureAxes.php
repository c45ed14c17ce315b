<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Reach\Clause;

/** Which axes change what a product's pictures show, as what is linked says it. */
final class PictureAxes
{
    /**
     * An axis that fewer of the linked pictures name is taken for an exception: a picture of a single size. The figure
     * is our own.
     */
    private const LEAST = 0.25;

    /**
     * @param  list<Placement>  $placements
     * @return list<PictureAxis> in the product's order; without linked pictures as the axes are now
     */
    public static function of(Matrix $matrix, array $placements): array
    {
        $named = [];
        $linked = 0;
        foreach ($placements as $placement) {
            $reach = $placement->reach->activeIn($matrix);
            if ($reach->isNothing() || $placement->isGuide()) {
                continue;
            }
            $linked++;
            foreach ($matrix->axes as $axis) {
                $narrows = fn(Clause $clause): bool => $clause->names($axis->id);
                $named[$axis->id] = ($named[$axis->id] ?? 0) + (array_filter($reach->clauses, $narrows) === [] ? 0 : 1);
            }
        }

        return array_map(
            fn(Axis $axis): PictureAxis => new PictureAxis(
                $axis,
                $named[$axis->id] ?? 0,
                $linked,
                $linked === 0 ? $axis->changesPicture : ($named[$axis->id] ?? 0) >= self::LEAST * $linked,
            ),
            $matrix->axes,
        );
    }

    /**
     * The matrix where these axes change pictures and no other does.
     *
     * @param  list<int>  $axisIds
     */
    public static function chosen(Matrix $matrix, array $axisIds): Matrix
    {
        foreach ($matrix->axes as $axis) {
            $matrix = $matrix->withAxis($axis->inPictures(in_array($axis->id, $axisIds, true)));
        }

        return $matrix;
    }
}
