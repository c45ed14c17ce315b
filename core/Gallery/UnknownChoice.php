<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\CoreException;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;

final class UnknownChoice extends CoreException
{
    /** A value was chosen that the axis does not have. */
    public static function value(Axis $axis): self
    {
        return new self(
            "What was chosen is no {$axis->name} of this product, or not any more. Choose one that it has.",
        );
    }

    /** An axis was chosen by which the product does not differ. */
    public static function axis(Matrix $matrix): self
    {
        $names = implode(', ', array_map(fn(Axis $axis): string => $axis->name, $matrix->axes));

        return new self(
            'This product does not differ in what was chosen, or not any more. ' .
                ($names === '' ? 'It is a single SKU.' : "It differs in {$names}."),
        );
    }
}
