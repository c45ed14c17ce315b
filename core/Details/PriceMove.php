<?php

declare(strict_types=1);

namespace Core\Details;

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

    /** "49.00 → 53.90 for 6 SKUs" */
    public function inWords(): string
    {
        $skus = $this->count === 1 ? '1 SKU' : number_format($this->count).' SKUs';

        return ($this->from?->shown() ?? 'none').' → '.($this->to?->shown() ?? 'none')." for {$skus}";
    }
}
