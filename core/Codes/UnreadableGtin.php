<?php

declare(strict_types=1);

namespace Core\Codes;

use Core\CoreException;

final class UnreadableGtin extends CoreException
{
    public static function noDigits(string $typed): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 30) .
                '” is not a GTIN. Type its 8, 12, 13 or 14 digits; spaces and dashes are passed over.',
        );
    }

    /** @param  string  $digits  zeros alone */
    public static function isNothing(string $digits): self
    {
        return new self("“{$digits}” is no GTIN: zeros alone are nobody’s number. Leave it empty where there is none.");
    }

    /** @param  int  $right  what the last digit would have to be */
    public static function wrongCheckDigit(string $digits, int $right): self
    {
        return new self(
            "{$digits} is not a GTIN: the last digit checks the others and would be {$right}. Look at the number again; a digit is wrong or two are exchanged.",
        );
    }

    public static function noPrefix(string $typed): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 30) .
                '” is not a company prefix. Type the 4 to 11 digits that were given to the company.',
        );
    }

    public static function noRange(string $from, string $to, int $digits): self
    {
        return new self(
            "The items have {$digits} digits behind this prefix: “{$from}” to “{$to}” is no range of them.",
        );
    }

    /** No number is left of a range. */
    public static function isExhausted(int $missing, string $prefix, string $from, string $to): self
    {
        return new self(
            "The range is used up: {$missing} more " .
                ($missing === 1 ? 'number is' : 'numbers are') .
                " needed than prefix {$prefix} has free from {$from} to {$to}. Widen the range, or take another prefix.",
        );
    }
}
