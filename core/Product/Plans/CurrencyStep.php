<?php

declare(strict_types=1);

namespace Core\Product\Plans;

use Core\Pricing\Money;

/** An amount, what it becomes in another currency, and how many prices have it. */
final readonly class CurrencyStep
{
    public function __construct(public Money $from, public Money $to, public bool $isRounded, public int $count) {}
}
