<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * How prices end: ".95" takes each to the nearest amount that ends so, "9.95" to the nearest of 9.95, 19.95 …, "80" to
 * the nearest of 80, 180 … Half way goes up. A price never goes below the ending itself, and what is free stays free.
 */
final readonly class PriceEnding
{
    /** @param  BigDecimal  $step  between two amounts that end so: a power of ten */
    private function __construct(private string $text, private BigDecimal $end, private BigDecimal $step) {}

    /**
     * @param  string  $typed  the last digits, with either decimal sign: ".95", ",95", "9.00", "80"
     *
     * @throws UnreadablePrice
     */
    public static function typed(string $typed, Currency $currency): self
    {
        $text = str_replace(',', '.', trim($typed));
        if (
            preg_match('/^(\d{0,4})(?:\.(\d+))?$/', $text, $parts) !== 1 ||
            $text === '' ||
            strlen($parts[2] ?? '') > $currency->digits
        ) {
            throw UnreadablePrice::noEnding($typed, $currency);
        }
        // A zero before the point is written by habit: "0.95" is ".95".
        $whole = $parts[1] === '0' && isset($parts[2]) ? '' : $parts[1];
        $fraction = isset($parts[2]) ? '.' . str_pad($parts[2], $currency->digits, '0') : '';

        return new self(
            $whole . $fraction,
            BigDecimal::of(($whole === '' ? '0' : $whole) . $fraction),
            BigDecimal::of(10)->power(strlen($whole)),
        );
    }

    /** The price that ends so and lies nearest. */
    public function of(Money $price): Money
    {
        if ($price->amount->isZero()) {
            return $price;
        }
        $times = $price->amount->minus($this->end)->dividedBy($this->step, 0, RoundingMode::FLOOR);
        $below = $times->multipliedBy($this->step)->plus($this->end);
        $above = $below->plus($this->step);
        $nearest =
            $price->amount->minus($below)->isLessThan($above->minus($price->amount)) && !$below->isNegativeOrZero()
                ? $below
                : $above;

        return Money::of($nearest, $price->currency);
    }

    /** As it is stored and shown: ".95", "9.95", "80". */
    public function text(): string
    {
        return $this->text;
    }
}
