<?php

declare(strict_types=1);

namespace Core\Codes;

/** GTIN-8, -12, -13 and -14. Check digit: GS1 General Specifications, section 7.9 (from memory). */
final class Gtin
{
    /** @param  string  $body all digits but the last */
    public static function checkDigit(string $body): int
    {
        $sum = 0;
        foreach (array_reverse(str_split($body)) as $place => $digit) {
            $sum += (int) $digit * ($place % 2 === 0 ? 3 : 1);
        }

        return (10 - $sum % 10) % 10;
    }

    /**
     * @param  string  $body  7, 11, 12 or 13 digits
     * @return string the same with its check digit
     */
    public static function fromBody(string $body): string
    {
        return $body.self::checkDigit($body);
    }

    /** Whether it has 8, 12, 13 or 14 digits of which the last is the right check digit. */
    public static function isValid(string $gtin): bool
    {
        return preg_match('/^(\d{8}|\d{12,14})$/', $gtin) === 1
            && self::checkDigit(substr($gtin, 0, -1)) === (int) substr($gtin, -1);
    }
}
