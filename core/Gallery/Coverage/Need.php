<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

/** How much a product needs a view. */
enum Need: string
{
    case Required = 'required';
    case Wanted = 'wanted';
    case NotWanted = 'not wanted';

    public function isWanted(): bool
    {
        return $this !== self::NotWanted;
    }

    public function isRequired(): bool
    {
        return $this === self::Required;
    }
}
