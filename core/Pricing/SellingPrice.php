<?php

declare(strict_types=1);

namespace Core\Pricing;

/** What a SKU is sold at, and how that came about. */
final readonly class SellingPrice
{
    /**
     * @param  ?Money  $own  typed for the SKU; it wins
     * @param  ?Money  $base  the product's
     */
    public function __construct(
        public ?Money $own,
        public ?Money $base,
    ) {
    }

    /** Null where neither is there: then it cannot be sold. */
    public function effective(): ?Money
    {
        return $this->own ?? $this->base;
    }

    /** Whether the SKU has a price of its own, whatever the product’s is. */
    public function isOwn(): bool
    {
        return $this->own !== null;
    }
}
