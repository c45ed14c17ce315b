<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

final class UnreadablePrice extends CoreException
{
    /** @param  string  $most  the largest amount there is */
    public static function outOfBounds(string $typed, string $most): self
    {
        return new self("“{$typed}” is not a price: it must lie between 0 and {$most}.");
    }

    /** @param  string  $most  the largest amount there is */
    public static function noAddition(string $typed, string $most): self
    {
        return new self("“{$typed}” cannot be added to a price: no price is above {$most}.");
    }

    /** @param  string  $said  the sign or the code on it */
    public static function ofAnother(string $typed, string $said, Currency $currency): self
    {
        return new self(
            "“{$typed}” says {$said}; prices here are in {$currency->code}. Type the amount in {$currency->code}.",
        );
    }

    /** An amount with more digits than its currency has. */
    public static function tooFine(string $typed, Currency $currency): self
    {
        $digits = $currency->digits === 0 ? 'no decimals' : "{$currency->digits} decimals";

        return new self("{$currency->code} has {$digits}; “{$typed}” has more.");
    }

    /** @param  string  $typed  what was to be a percentage */
    public static function noPercentage(string $typed, int $most, int $digits): self
    {
        return new self(
            "“{$typed}” is not a percentage here: it must lie above −100 and up to {$most}, with up to {$digits} decimals.",
        );
    }

    /** @param  string  $typed  what prices were to end in */
    public static function noEnding(string $typed, Currency $currency): self
    {
        $such = $currency->digits === 0 ? '80' : '.95';
        $decimals = $currency->digits === 0 ? 'no decimals' : "up to {$currency->digits} decimals";

        return new self(
            '“' .
                mb_substr($typed, 0, 20) .
                "” is not an ending. Type the last digits of a price in {$currency->code}, such as {$such}: up to four before the decimal sign, {$decimals}.",
        );
    }

    /** What a price is sold at for a time must be less than what it is else. */
    public static function saleIsNotBelow(Money $sale, Money $regular, string $place): self
    {
        return new self(
            "A sale price of {$sale->shown()} is not below the regular {$regular->shown()} of {$place}. Type less, or select only SKUs that cost more.",
        );
    }

    public static function endsBeforeItBegins(): self
    {
        return new self('The sale would end before it begins. Change one of the two days.');
    }

    /** @param  string  $how  what was to be done to it, in words */
    public static function fallsBelowZero(Money $price, string $how): self
    {
        return new self(
            "{$price->shown()} {$how} would come below zero. Take less away, or select only SKUs that cost more.",
        );
    }

    /** What the rules would make of the price of a SKU is none. */
    public static function isNone(string $place, bool $isTooHigh): self
    {
        return new self(
            $isTooHigh
                ? "{$place} would cost more than any price can be. Add less, or give the product a lower price first."
                : "{$place} would cost less than nothing. Take less away, or give the product a higher price first.",
        );
    }

    /** A price that is to be raised or lowered, and is not there. */
    public static function nothingToRaise(): self
    {
        return new self('The product has no price that could be raised or lowered. Type what it costs first.');
    }
}
