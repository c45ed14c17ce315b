<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Matrix\Axis;

/** The axis of a product that a change is about. */
final class ProductAxis
{
    public static function of(LoadedProduct $loaded, int $axisId): Axis
    {
        return $loaded->matrix->axis($axisId) ?? throw new Refused('This axis is no longer on the product. Look at its axes again.', Kind::Gone);
    }

    public static function having(LoadedProduct $loaded, int $valueId): Axis
    {
        return $loaded->matrix->axisOf($valueId) ?? throw new Refused('This value is no longer on the product. Look at its axes again.', Kind::Gone);
    }
}
