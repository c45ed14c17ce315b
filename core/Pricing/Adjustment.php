<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Core\Text\NumberReader;
use Core\Text\UnreadableNumber;

/** What a value adds to the price of its SKUs, or takes from it: an amount, a percentage, or both. */
final readonly class Adjustment
{
    /** Percentages have no more digits behind the point. */
    public const PERCENT_DIGITS = 4;

    private const MOST_PERCENT = 1000;

    /**
     * @param  ?Money  $amount  may be below zero
     * @param  ?BigDecimal  $percent  above −100
     */
    public function __construct(
        public ?Money $amount = null,
        public ?BigDecimal $percent = null,
    ) {
    }

    /**
     * As both are typed, with or without a sign: "+10.00", "−5", "8"; nothing for none, and zero is none.
     *
     * @throws UnreadableNumber
     * @throws UnreadablePrice
     */
    public static function typed(string $amount, string $percent, Currency $currency): self
    {
        $money = trim($amount) === '' ? null : Money::addition(self::signed($amount), $currency);
        $share = trim($percent) === '' ? null : self::percentage((string) preg_replace('/\s*%\s*$/u', '', $percent));

        return new self($money === null || $money->amount->isZero() ? null : $money, $share === null || $share->isZero() ? null : $share);
    }

    /**
     * A percentage, without its sign for percent.
     *
     * @throws UnreadablePrice where it would take all of the price, is too large or too fine
     */
    public static function percentage(string $typed): BigDecimal
    {
        $percent = self::signed($typed)->stripTrailingZeros();
        if ($percent->isLessThanOrEqualTo(-100) || $percent->isGreaterThan(self::MOST_PERCENT) || $percent->getScale() > self::PERCENT_DIGITS) {
            throw UnreadablePrice::noPercentage($typed, self::MOST_PERCENT, self::PERCENT_DIGITS);
        }

        return $percent->getScale() < 0 ? $percent->toScale(0) : $percent;
    }

    public function isNone(): bool
    {
        return $this->amount === null && $this->percent === null;
    }

    /** "+10.00", "−8 %", "+10.00 and +8 %"; empty for none. */
    public function inWords(): string
    {
        return implode(' and ', array_filter([
            $this->amount === null ? '' : self::withSign($this->amount->amount),
            $this->percent === null ? '' : self::withSign($this->percent).' %',
        ]));
    }

    /** "+10.00", "−5": with its sign, as it is printed. */
    public static function withSign(BigDecimal $number): string
    {
        return ($number->isNegative() ? '−' : '+').$number->abs();
    }

    /** As it is typed again: "+10.00", "-8", "+12.1250". */
    public static function again(BigDecimal $number): string
    {
        return ($number->isNegative() ? '-' : '+').NumberReader::again($number->abs());
    }

    private static function signed(string $typed): BigDecimal
    {
        return NumberReader::read((string) preg_replace('/^\s*[+\x{FF0B}]\s*(?=[\d.,])/u', '', $typed));
    }
}
