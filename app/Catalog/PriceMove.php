<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Pricing\Money;

/** A price, what it becomes, and how many SKUs have it. */
final readonly class PriceMove
{
    public function __construct(
        public ?Money $from,
        public ?Money $to,
        public int $count,
    ) {
    }

    public function isSame(): bool
    {
        return $this->from === null ? $this->to === null : $this->to !== null && $this->from->equals($this->to);
    }
}
