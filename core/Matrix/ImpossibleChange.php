<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\CoreException;

final class ImpossibleChange extends CoreException
{
    public static function stillThere(string $axis, string $value): self
    {
        return new self("{$axis} {$value} cannot hand its SKUs over and stay as well. Take it off {$axis}, or leave it as it is.");
    }

    public static function noTarget(string $axis): self
    {
        return new self("What takes over on {$axis} is not one of its values any more. Choose another.");
    }

    public static function notNew(string $axis, string $value): self
    {
        return new self("{$axis} {$value} is there already; only a new value can be made like another.");
    }
}
