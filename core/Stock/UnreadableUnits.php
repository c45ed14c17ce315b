<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\CoreException;

/** Units that nobody can have, or take. */
final class UnreadableUnits extends CoreException
{
    public static function called(string $typed, int $most): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 30) .
                '” is not a number of units. Type a whole number such as 12, at most ' .
                number_format($most) .
                '.',
        );
    }

    public static function areFewer(int $is, int $taken, string $place): self
    {
        return new self("{$place} has {$is} in stock: {$taken} cannot be taken away. Take less, or set what is there.");
    }
}
