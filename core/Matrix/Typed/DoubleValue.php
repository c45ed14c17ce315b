<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

use Core\CoreException;

final class DoubleValue extends CoreException
{
    public function __construct(string $axis, string $label)
    {
        parent::__construct("“{$label}” stands twice on {$axis}. Take one of the two away.");
    }
}
