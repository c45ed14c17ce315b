<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\CoreException;

final class UnreadableKey extends CoreException
{
    public function __construct(string $key)
    {
        parent::__construct("“{$key}” is not a cell of the matrix. Load the page again and repeat the change.");
    }
}
