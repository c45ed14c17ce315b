<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Combination;
use Core\Pricing\Money;

/** The price of one SKU, for a ladder of them. */
final readonly class LadderPrice
{
    public function __construct(public Combination $cell, public Money $price, public bool $isOwn) {}
}
