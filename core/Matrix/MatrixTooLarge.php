<?php

declare(strict_types=1);

namespace Core\Matrix;

use Brick\Math\BigInteger;
use Core\CoreException;

final class MatrixTooLarge extends CoreException
{
    /** @param  BigInteger  $cells  how many there would be */
    public static function cells(BigInteger $cells): self
    {
        return new self(
            sprintf(
                'That would be %s cells; a product can have %s. Take away some values, or make it two products.',
                preg_replace('/(?<=\d)(?=(\d{3})+$)/', ',', (string) $cells),
                number_format(Matrix::MOST_CELLS),
            ),
        );
    }

    /** @param  int  $axes  how many there would be */
    public static function axes(int $axes): self
    {
        return new self(
            sprintf('That would be %d axes; a product can have %d. Drop an axis first.', $axes, Matrix::MOST_AXES),
        );
    }
}
