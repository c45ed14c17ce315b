<?php

declare(strict_types=1);

namespace Core\Pricing;

/** The regular price of a SKU, and how it came about. */
final readonly class SellingPrice
{
    /**
     * @param  ?Money  $own  typed for the SKU; it wins
     * @param  ?Money  $ruled  what the product's rules make it; null where they make none
     * @param  list<PriceStep>  $steps  line by line, the last with what it is sold at
     * @param  bool  $isBelowZero  whether the rules come to less than nothing, which is no price
     * @param  bool  $isTooHigh  whether they come to more than any price, which is none either
     */
    public function __construct(
        public ?Money $own,
        public ?Money $ruled,
        public array $steps = [],
        public bool $isBelowZero = false,
        public bool $isTooHigh = false,
    ) {}

    /** Null where neither is there: then it cannot be sold. */
    public function effective(): ?Money
    {
        return $this->own ?? $this->ruled;
    }

    /** Whether the SKU has a price of its own, whatever the product’s is. */
    public function isOwn(): bool
    {
        return $this->own !== null;
    }

    /** Whether its own price is just what the rules make, so that it could do without. */
    public function isNeedless(): bool
    {
        return $this->own !== null && $this->ruled !== null && $this->own->equals($this->ruled);
    }
}
