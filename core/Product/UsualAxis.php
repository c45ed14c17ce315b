<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Matrix\AxisDisplay;

/** What the library says of an axis, for products that say nothing of it themselves. */
final readonly class UsualAxis
{
    public function __construct(public bool $changesPicture, public AxisDisplay $display) {}
}
