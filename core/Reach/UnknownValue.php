<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\CoreException;

final class UnknownValue extends CoreException
{
    /** @param  list<string>  $close */
    public static function named(string $word, array $close): self
    {
        return new self(
            "No value of this product is called “{$word}”." .
                ($close === []
                    ? ' Type names such as those in the rows above the matrix.'
                    : ' Perhaps ' . implode(' or ', array_slice($close, 0, 4)) . '?'),
        );
    }
}
