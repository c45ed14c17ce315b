<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\Axis;
use Core\Refusal;
use Core\RefusalKind;

/** The axis of a product that a change is about. */
final class ProductAxis
{
    public static function of(LoadedProduct $loaded, int $axisId): Axis
    {
        return $loaded->matrix->axis($axisId) ?? throw new Refusal(
            'This axis is no longer on the product. Look at its axes again.',
            RefusalKind::Gone,
        );
    }

    public static function having(LoadedProduct $loaded, int $valueId): Axis
    {
        return $loaded->matrix->axisOf($valueId) ?? throw new Refusal(
            'This value is no longer on the product. Look at its axes again.',
            RefusalKind::Gone,
        );
    }
}
