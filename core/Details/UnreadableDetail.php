<?php

declare(strict_types=1);

namespace Core\Details;

use Core\CoreException;

/** Something typed of a product that cannot be taken as it is. */
final class UnreadableDetail extends CoreException
{
    public static function noUnit(string $typed, bool $isWeight): self
    {
        return new self(
            '“' .
                self::cut($typed) .
                '” has no unit that is known here. Type ' .
                ($isWeight ? 'mg, g, kg, oz or lb' : 'mm, cm, m, in or ft') .
                ' behind the number.',
        );
    }

    public static function noQuantity(string $typed): self
    {
        return new self(
            '“' . self::cut($typed) . '” is not an amount. Type a number above zero, with up to six decimals.',
        );
    }

    /** @param  int  $most  grams */
    public static function noWeight(string $typed, int $most): self
    {
        return new self(
            '“' .
                self::cut($typed) .
                '” is not a weight that can be kept. Type from 1 g to ' .
                number_format($most / 1000) .
                ' kg.',
        );
    }

    public static function noDimensions(string $typed): self
    {
        return new self(
            '“' .
                self::cut($typed) .
                '” is not a size. Type length, width and height in one unit, such as 30 × 20 × 5 cm.',
        );
    }

    public static function noCountry(string $typed): self
    {
        return new self(
            '“' . self::cut($typed) . '” is not a country. Type its two letters, such as PT, or its name in English.',
        );
    }

    public static function noCondition(string $typed): self
    {
        return new self('“' . self::cut($typed) . '” is not a condition. It is new, renewed, used or damaged.');
    }

    public static function noCustomsCode(string $typed): self
    {
        return new self(
            '“' .
                self::cut($typed) .
                '” is not a customs code. Type its 6 to 12 digits; dots and spaces between them are passed over.',
        );
    }

    public static function noCount(string $typed, int $least, int $most): self
    {
        return new self(
            '“' .
                self::cut($typed) .
                "” is not a number of units. Type a whole number from {$least} to " .
                number_format($most) .
                '.',
        );
    }

    public static function noCounting(string $typed): self
    {
        return new self('“' . self::cut($typed) . '” is no way of counting. It is sku, pictures, product or none.');
    }

    public static function neitherYesNorNo(string $typed): self
    {
        return new self('“' . self::cut($typed) . '” is neither yes nor no. Type one of the two.');
    }

    public static function tooManyEntries(int $most): self
    {
        return new self("A list can have up to {$most} entries. Take some away.");
    }

    public static function isTooLong(string $label, int $most): self
    {
        return new self("{$label} can have up to {$most} characters. Shorten it.");
    }

    public static function areTooMany(string $label, int $most): self
    {
        return new self("{$label}: up to {$most}. Take some away.");
    }

    public static function noBuyerText(int $label, int $most): self
    {
        return new self(
            "A text asked from the buyer needs what is asked, up to {$label} characters, and how long the answer can be: from 0 or more up to at most " .
                number_format($most) .
                ' characters.',
        );
    }

    /** The least number to be ordered is above the greatest. */
    public static function leastAboveMost(OrderLimits $limits, string $place): self
    {
        return new self(
            "{$place}: nobody could order, with at least {$limits->least} and at most {$limits->most}. Change one of the two.",
        );
    }

    private static function cut(string $typed): string
    {
        return mb_substr($typed, 0, 40);
    }
}
