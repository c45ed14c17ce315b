<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\CoreException;

final class ValueToChoose extends CoreException
{
    /** @param  string  $axis  name of the axis that is added */
    public static function home(string $axis): self
    {
        return new self("Say which {$axis} the SKUs of today belong to: {$axis} is new to this product.");
    }

    /** @param  string  $axis  name of the axis that is dropped */
    public static function survivor(string $axis): self
    {
        return new self("Say which {$axis} stays: without {$axis} only its SKUs remain, the others retire.");
    }
}
