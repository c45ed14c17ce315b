<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\CoreException;

final class ImpossibleChange extends CoreException
{
    /** A value hands over and stays. */
    public static function stillThere(string $axis, string $value): self
    {
        return new self(
            "{$axis} {$value} cannot hand its SKUs over and stay as well. Take it off {$axis}, or leave it as it is.",
        );
    }

    /** A value hands over to one that is not there. */
    public static function noTarget(string $axis): self
    {
        return new self("What takes over on {$axis} is not one of its values any more. Choose another.");
    }

    /** A value is made like another and was there before. */
    public static function notNew(string $axis, string $value): self
    {
        return new self("{$axis} {$value} is there already; only a new value can be made like another.");
    }
}
