<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;

/** A line of how a price came about. */
final readonly class PriceStep
{
    /**
     * @param  string  $what  "base", "XL", "rounded", "ending .95", "own price"
     * @param  string  $change  "+10.00", "+8 %"; empty where the line sets the amount
     * @param  BigDecimal  $amount  the price from here on, exact: rounding is a line of its own
     */
    public function __construct(public string $what, public string $change, public BigDecimal $amount) {}

    /** With at least the digits of a currency: "52.00", "52.9125". */
    public function shown(Currency $currency): string
    {
        $bare = $this->amount->stripTrailingZeros();

        return (string) ($bare->getScale() < $currency->digits ? $bare->toScale($currency->digits) : $bare);
    }
}
