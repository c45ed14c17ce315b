<?php

declare(strict_types=1);

namespace Core\Combining;

/** Words of a name that say a value. */
final readonly class ValueWord
{
    /** @param  bool  $isKnown  whether it is a value of the shop, and not only a usual word */
    public function __construct(public string $axis, public string $value, public bool $isKnown) {}
}
