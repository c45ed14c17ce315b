<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\CoreException;

final class AxisWithoutValues extends CoreException
{
    public function __construct(string $axis)
    {
        parent::__construct("{$axis} has no value. Type at least one, or drop the axis.");
    }
}
