<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
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
    public function __construct(public ?Money $amount = null, public ?BigDecimal $percent = null) {}

    /**
     * As both are typed, with or without a sign: "+10.00", "−5", "8"; nothing for none, and zero is none.
     *
     * @throws UnreadableNumber
     * @throws UnreadablePrice
     */
    public static function typed(string $amount, string $percent, Currency $currency): self
    {
        return self::exactly(
            trim($amount) === '' ? null : Money::addition(self::signed($amount), $currency),
            trim($percent) === '' ? null : self::percentage((string) preg_replace('/\s*%\s*$/u', '', $percent)),
        );
    }

    /** Zero is none. */
    public static function exactly(?Money $amount, ?BigDecimal $percent): self
    {
        return new self(
            $amount === null || $amount->amount->isZero() ? null : $amount,
            $percent === null || $percent->isZero() ? null : $percent,
        );
    }

    /**
     * A percentage, without its sign for percent.
     *
     * @throws UnreadablePrice where it would take all of the price, is too large or too fine
     */
    public static function percentage(string $typed): BigDecimal
    {
        $percent = self::signed($typed)->stripTrailingZeros();
        if ($percent->getScale() > self::PERCENT_DIGITS) {
            throw UnreadablePrice::noPercentage($typed, self::MOST_PERCENT, self::PERCENT_DIGITS);
        }

        return self::share($percent, $typed);
    }

    /**
     * One percentage for two that are taken one after the other, rounded half up to as many digits as percentages have.
     *
     * @throws UnreadablePrice where it would take all of the price, or is too large
     */
    public static function joined(BigDecimal $first, BigDecimal $second): BigDecimal
    {
        $joined = self::scaled(BigDecimal::of(100)->plus($first), $second)->minus(100);
        $percent = $joined->toScale(self::PERCENT_DIGITS, RoundingMode::HALF_UP)->stripTrailingZeros();

        return self::share($percent, (string) $percent);
    }

    /** An amount raised by a percentage, or lowered, exactly. */
    public static function scaled(BigDecimal $amount, BigDecimal $percent): BigDecimal
    {
        $scale = $amount->getScale() + $percent->getScale() + 2;

        return $amount->multipliedBy(BigDecimal::of(100)->plus($percent))->dividedBy(100, $scale);
    }

    public function isNone(): bool
    {
        return $this->amount === null && $this->percent === null;
    }

    /** "+10.00", "−8 %", "+10.00 and +8 %"; empty for none. */
    public function inWords(): string
    {
        return implode(
            ' and ',
            array_filter([
                $this->amount === null ? '' : self::withSign($this->amount->amount),
                $this->percent === null ? '' : self::withSign($this->percent) . ' %',
            ]),
        );
    }

    /** "+10.00", "−5": with its sign, as it is printed. */
    public static function withSign(BigDecimal $number): string
    {
        return ($number->isNegative() ? '−' : '+') . $number->abs();
    }

    /** As it is typed again: "+10.00", "-8", "+12.1250". */
    public static function again(BigDecimal $number): string
    {
        return ($number->isNegative() ? '-' : '+') . NumberReader::again($number->abs());
    }

    private static function share(BigDecimal $percent, string $said): BigDecimal
    {
        if ($percent->isLessThanOrEqualTo(-100) || $percent->isGreaterThan(self::MOST_PERCENT)) {
            throw UnreadablePrice::noPercentage($said, self::MOST_PERCENT, self::PERCENT_DIGITS);
        }

        return $percent->getScale() < 0 ? $percent->toScale(0) : $percent;
    }

    private static function signed(string $typed): BigDecimal
    {
        return NumberReader::read((string) preg_replace('/^\s*[+\x{FF0B}]\s*(?=[\d.,])/u', '', $typed));
    }
}
