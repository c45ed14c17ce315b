<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Core\Text\NumberReader;
use Core\Text\UnreadableNumber;

/** An amount of a currency, never with more digits than the currency has. Nothing here rounds unless it is asked to. */
final readonly class Money
{
    /** No price is larger. */
    private const MOST = '999999999';

    private function __construct(public BigDecimal $amount, public Currency $currency) {}

    /**
     * @param  BigDecimal|string  $amount  a decimal number, such as "49.5"
     *
     * @throws UnreadablePrice where the amount has more digits than the currency
     */
    public static function of(BigDecimal|string $amount, Currency $currency): self
    {
        $exact = BigDecimal::of(is_string($amount) ? self::cut($amount, $currency->digits) : $amount);
        if ($exact->getScale() === $currency->digits) {
            return new self($exact, $currency);
        }
        $exact = $exact->stripTrailingZeros();
        if ($exact->getScale() > $currency->digits) {
            throw UnreadablePrice::tooFine((string) $exact, $currency);
        }

        return new self($exact->toScale($currency->digits), $currency);
    }

    /** Without zeros that are more than the currency has digits: "49.5000" as it is stored is read very often. */
    private static function cut(string $amount, int $digits): string
    {
        $point = strpos($amount, '.');
        $end = $point === false ? 0 : $point + 1 + $digits;

        return $digits > 0 && $end > 0 && trim(substr($amount, $end), '0') === '' ? substr($amount, 0, $end) : $amount;
    }

    /**
     * A price as people type it, with or without the sign or the code of its currency: "49", "49,00", "1 049,00",
     * "€49.00", "49,00 EUR".
     *
     * @throws UnreadableNumber
     * @throws UnreadablePrice where it is negative, too large, of another currency, or has more digits than the
     * currency
     */
    public static function typed(string $typed, Currency $currency): self
    {
        $number = self::withoutCurrency($typed, $currency);
        // Where a currency has no digits, or three, a point before three digits means one thing only.
        $digits = $currency->digits === 0 || $currency->digits === 3 ? $currency->digits : null;

        return self::of(self::bounded(NumberReader::read($number, $digits), $typed), $currency);
    }

    /**
     * A price that was computed, rounded half up.
     *
     * @throws UnreadablePrice where it is negative or too large
     */
    public static function price(BigDecimal $exact, Currency $currency): self
    {
        return self::rounded(self::bounded($exact, (string) $exact), $currency);
    }

    /** Whether a computed amount is more than any price. */
    public static function isTooLarge(BigDecimal $amount): bool
    {
        return $amount->isGreaterThan(self::MOST);
    }

    /**
     * What is added to a price, or below zero taken from it.
     *
     * @throws UnreadablePrice where it is more than any price, or has more digits than the currency
     */
    public static function addition(BigDecimal $amount, Currency $currency): self
    {
        if ($amount->abs()->isGreaterThan(self::MOST)) {
            throw UnreadablePrice::noAddition((string) $amount, self::MOST);
        }

        return self::of($amount, $currency);
    }

    /** @throws CurrencyMismatch */
    public function plus(self $other): self
    {
        $this->assertSameCurrency($other);

        return new self($this->amount->plus($other->amount), $this->currency);
    }

    /** @throws CurrencyMismatch */
    public function minus(self $other): self
    {
        $this->assertSameCurrency($other);

        return new self($this->amount->minus($other->amount), $this->currency);
    }

    /** So many times; exact, as the number is whole. */
    public function times(int $count): self
    {
        return new self($this->amount->multipliedBy($count), $this->currency);
    }

    /** Rounded half up to the currency's digits, from any decimal number. */
    public static function rounded(BigDecimal $exact, Currency $currency): self
    {
        return new self($exact->toScale($currency->digits, RoundingMode::HALF_UP), $currency);
    }

    /** @throws CurrencyMismatch */
    public function isLessThan(self $other): bool
    {
        $this->assertSameCurrency($other);

        return $this->amount->isLessThan($other->amount);
    }

    /** The same amount of the same currency; amounts of two currencies are never equal. */
    public function equals(self $other): bool
    {
        return $this->currency->is($other->currency) && $this->amount->isEqualTo($other->amount);
    }

    /** The same number in another currency; null where that has fewer digits than the number needs. */
    public function in(Currency $currency): ?self
    {
        return $this->amount->stripTrailingZeros()->getScale() > $currency->digits
            ? null
            : self::of($this->amount, $currency);
    }

    /** The same number in another currency, rounded half up to its digits. */
    public function roundedIn(Currency $currency): self
    {
        return self::rounded($this->amount, $currency);
    }

    /** With the currency's digits and no sign: "49.00". */
    public function shown(): string
    {
        return (string) $this->amount;
    }

    /**
     * One price, or the lowest and the highest: "49.00–54.00"; empty where there is none.
     *
     * @param  list<self>  $prices
     *
     * @throws CurrencyMismatch
     */
    public static function range(array $prices): string
    {
        if ($prices === []) {
            return '';
        }
        $lowest = self::lowest($prices);
        $highest = self::highest($prices);

        return $lowest->equals($highest) ? $lowest->shown() : $lowest->shown() . '–' . $highest->shown();
    }

    /**
     * @param  non-empty-list<self>  $prices
     *
     * @throws CurrencyMismatch
     */
    public static function lowest(array $prices): self
    {
        return array_reduce(
            $prices,
            fn(self $lowest, self $price): self => $price->isLessThan($lowest) ? $price : $lowest,
            $prices[0],
        );
    }

    /**
     * @param  non-empty-list<self>  $prices
     *
     * @throws CurrencyMismatch
     */
    public static function highest(array $prices): self
    {
        return array_reduce(
            $prices,
            fn(self $highest, self $price): self => $highest->isLessThan($price) ? $price : $highest,
            $prices[0],
        );
    }

    /** @throws UnreadablePrice where a sign or a code of another currency stands there */
    private static function withoutCurrency(string $typed, Currency $currency): string
    {
        $sign = '(\p{Sc}|[A-Za-z]{3})';
        if (
            preg_match("/^\\s*{$sign}\\s*(?=[\\d\\-\x{2212}])(.*)$|^(.*\\d)\\s*{$sign}\\s*$/us", $typed, $found) !== 1
        ) {
            return $typed;
        }
        [$said, $number] = $found[1] !== '' ? [$found[1], $found[2]] : [$found[4], $found[3]];

        return $currency->isSaidBy($said) ? $number : throw UnreadablePrice::ofAnother($typed, $said, $currency);
    }

    private static function bounded(BigDecimal $amount, string $said): BigDecimal
    {
        return $amount->isNegative() || $amount->isGreaterThan(self::MOST)
            ? throw UnreadablePrice::outOfBounds($said, self::MOST)
            : $amount;
    }

    private function assertSameCurrency(self $other): void
    {
        if (!$this->currency->is($other->currency)) {
            throw new CurrencyMismatch($this->currency, $other->currency);
        }
    }
}
