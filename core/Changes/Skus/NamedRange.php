<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Codes\GtinRange;

/** A range of GTINs of the library. */
final readonly class NamedRange
{
    public function __construct(public string $name, public GtinRange $range) {}
}
