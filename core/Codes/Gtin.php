<?php

declare(strict_types=1);

namespace Core\Codes;

use Normalizer;

/** GTIN-8, -12, -13 and -14. Check digit: GS1 General Specifications, section 7.9 (from memory). */
final class Gtin
{
    /**
     * What is for use within a company or a region, or no product at all: GS1 General Specifications, section 1.4.2
     * (from memory). By the first digits of thirteen.
     */
    private const RESTRICTED = [
        '/^0(00000|2|4)/' => 'for numbers within a company',
        '/^2/' => 'for numbers within a company or a region',
        '/^05/' => 'for coupons',
        '/^98[1-4]/' => 'for coupons',
        '/^99/' => 'for coupons',
        '/^980/' => 'for receipts of refunds',
        '/^977/' => 'for serial publications',
    ];

    /** @param  string  $body all digits but the last */
    public static function checkDigit(string $body): int
    {
        $sum = 0;
        foreach (array_reverse(str_split($body)) as $place => $digit) {
            $sum += (int) $digit * ($place % 2 === 0 ? 3 : 1);
        }

        return (10 - ($sum % 10)) % 10;
    }

    /**
     * @param  string  $body  7, 11, 12 or 13 digits
     * @return string the same with its check digit
     */
    public static function fromBody(string $body): string
    {
        return $body . self::checkDigit($body);
    }

    /** Whether it has 8, 12, 13 or 14 digits, not all of them zero, of which the last is the right check digit. */
    public static function isValid(string $gtin): bool
    {
        return preg_match('/^(\d{8}|\d{12,14})$/', $gtin) === 1 &&
            trim($gtin, '0') !== '' &&
            self::checkDigit(substr($gtin, 0, -1)) === (int) substr($gtin, -1);
    }

    /**
     * As people type it, with spaces or dashes between the digits.
     *
     * @throws UnreadableGtin
     */
    public static function typed(string $typed): string
    {
        $normal = Normalizer::normalize(mb_scrub(trim($typed), 'UTF-8'), Normalizer::FORM_KC);
        $digits = (string) preg_replace(
            '/[\s\x{00A0}\x{2009}\x{2010}-\x{2014}-]/u',
            '',
            is_string($normal) ? $normal : $typed,
        );
        if (preg_match('/^(\d{8}|\d{12,14})$/', $digits) !== 1) {
            throw UnreadableGtin::noDigits($typed);
        }
        if (trim($digits, '0') === '') {
            throw UnreadableGtin::isNothing($digits);
        }

        return self::isValid($digits)
            ? $digits
            : throw UnreadableGtin::wrongCheckDigit($digits, self::checkDigit(substr($digits, 0, -1)));
    }

    /**
     * The ways in which the same number can be written, with zeros before it or without: a GTIN-12 is a GTIN-13 that
     * begins with 0.
     *
     * @return list<string>
     */
    public static function forms(string $gtin): array
    {
        $bare = ltrim($gtin, '0');
        $forms = array_map(
            fn(int $length): string => str_pad($bare, $length, '0', STR_PAD_LEFT),
            array_filter([8, 12, 13, 14], fn(int $length): bool => strlen($bare) <= $length),
        );

        return array_values($forms);
    }

    /** Why a number must not leave the company, or is no product's, in words; null where it may. */
    public static function restriction(string $gtin): ?string
    {
        // A GTIN-8 has prefixes of its own: those that begin with 0 or 2 are restricted.
        if (strlen($gtin) === 8) {
            return preg_match('/^[02]/', $gtin) === 1 ? 'for numbers within a company' : null;
        }
        $thirteen = strlen($gtin) === 14 ? substr($gtin, 1) : str_pad($gtin, 13, '0', STR_PAD_LEFT);
        foreach (self::RESTRICTED as $pattern => $why) {
            if (preg_match($pattern, $thirteen) === 1) {
                return $why;
            }
        }

        return null;
    }
}
