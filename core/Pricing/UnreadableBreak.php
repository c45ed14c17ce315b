<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

/** A quantity break that says nothing, or two things. */
final class UnreadableBreak extends CoreException
{
    public static function noQuantity(string $typed): self
    {
        return new self("“{$typed}” is not a quantity to begin at. Type a whole number of units, 2 or more.");
    }

    public static function noReduction(string $typed): self
    {
        return new self("“{$typed}” is no reduction. Type an amount such as 2.00, or percent such as 5 %.");
    }

    public static function isTwice(int $from): self
    {
        return new self("Two rows begin at {$from}. Take one of them away.");
    }
}
