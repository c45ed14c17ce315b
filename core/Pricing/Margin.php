<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** What is left of a price when the cost is paid: price less cost, as a share of the price. */
final readonly class Margin
{
    /** @throws CurrencyMismatch */
    public function __construct(public Money $price, public Money $cost)
    {
        $price->minus($cost);
    }

    /** Below zero where the cost is more than the price. */
    public function amount(): Money
    {
        return $this->price->minus($this->cost);
    }

    /** @return ?BigDecimal percent with one decimal, rounded half up; null where the price is nothing */
    public function percent(): ?BigDecimal
    {
        return $this->price->amount->isZero()
            ? null
            : $this->amount()->amount->multipliedBy(100)->dividedBy($this->price->amount, 1, RoundingMode::HALF_UP);
    }

    /** "29.00, 59.2 %" */
    public function inWords(): string
    {
        $percent = $this->percent();
        $text = str_replace('-', '−', $this->amount()->shown());

        return $percent === null ? $text : "{$text}, " . str_replace('-', '−', (string) $percent) . ' %';
    }
}
