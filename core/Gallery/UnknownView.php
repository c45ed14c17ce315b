<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\CoreException;

final class UnknownView extends CoreException
{
    public static function called(string $key): self
    {
        return new self("There is no view “{$key}”. Choose one of the library’s views, or make it there first.");
    }
}
