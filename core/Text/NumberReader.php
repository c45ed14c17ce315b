<?php

declare(strict_types=1);

namespace Core\Text;

use Brick\Math\BigDecimal;
use Normalizer;

/**
 * Reads numbers as people type them, with either decimal sign: "49", "49,5", "1,049.00", "1 049,00", "1'049".
 * What could be read in two ways ("1.234", "0,500") is refused with both readings, unless it is known how many digits
 * what is meant has behind its point: units and grams have none, so that "1.234" is 1234; dinars have three, so that it
 * is 1.234.
 */
final class NumberReader
{
    private const LONGEST = 40;

    /** Digits, and behind a point so many that no group of three is meant: nothing else can be read out of these. */
    private const PLAIN = '/^-?\d{1,18}(?:\.(?:\d{1,2}|\d{4,18}))?$/D';

    private const SPACES = "/(?<=\\d)[ '\u{00A0}\u{202F}\u{2009}\u{2019}](?=\\d)/u";

    /**
     * @param  ?int  $digits  how many stand behind the point of what is meant; null where that says nothing
     *
     * @throws UnreadableNumber
     */
    public static function read(string $typed, ?int $digits = null): BigDecimal
    {
        if (preg_match(self::PLAIN, $typed) === 1) {
            return BigDecimal::of($typed);
        }
        $text = self::plain($typed);
        if (preg_match('/^(-?)(\d[\d., ]*)$/', $text, $found) !== 1) {
            throw UnreadableNumber::noNumber($typed);
        }
        [, $sign, $number] = $found;

        return BigDecimal::of($sign . self::unsigned($number, $typed, $digits));
    }

    /** A number as it can be typed again, and is read as nothing else: "1.2340", where "1.234" could be 1234 too. */
    public static function again(BigDecimal $number): string
    {
        $text = (string) $number;

        return preg_match('/^-?[1-9]\d{0,2}\.\d{3}$|^-?0\.\d{3}$/', $text) === 1 ? "{$text}0" : $text;
    }

    /** What was typed without spaces around it, of whatever kind: one that is hard must not hide a sign. */
    public static function trimmed(string $typed): string
    {
        return (string) preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', mb_scrub($typed, 'UTF-8'));
    }

    /** Digits, signs and single spaces only, as ASCII. */
    private static function plain(string $typed): string
    {
        if (mb_strlen($typed) > self::LONGEST) {
            throw UnreadableNumber::noNumber(mb_substr($typed, 0, self::LONGEST) . '…');
        }
        $normal = Normalizer::normalize(mb_scrub($typed, 'UTF-8'), Normalizer::FORM_KC);
        $text = self::trimmed(is_string($normal) ? $normal : $typed);
        $text = (string) preg_replace('/^[\x{2212}\x{2013}]/u', '-', $text);

        return (string) preg_replace(self::SPACES, ' ', $text);
    }

    private static function unsigned(string $text, string $typed, ?int $digits): string
    {
        $points = substr_count($text, '.');
        $commas = substr_count($text, ',');
        if ($points > 0 && $commas > 0) {
            $decimal = strrpos($text, '.') > strrpos($text, ',') ? '.' : ',';

            return self::grouped($text, $decimal === '.' ? ',' : '.', $decimal, $typed);
        }
        $sign = $points > 0 ? '.' : ',';
        $count = $points + $commas;
        if (str_contains($text, ' ')) {
            return self::grouped($text, ' ', $count === 0 ? null : $sign, $typed);
        }
        if ($count > 1) {
            return self::grouped($text, $sign, null, $typed);
        }
        if (preg_match('/^(\d{1,3})[.,](\d{3})$/', $text, $found) === 1 && trim($found[1] . $found[2], '0') !== '') {
            if ($digits === 0 && !str_starts_with($found[1], '0')) {
                return $found[1] . $found[2];
            }
            if ($digits === 3) {
                return "{$found[1]}.{$found[2]}";
            }
            throw UnreadableNumber::twoReadings(
                $typed,
                "{$found[1]}.{$found[2]}",
                ltrim($found[1] . $found[2], '0') ?: '0',
            );
        }

        return self::grouped($text, ' ', $count === 0 ? null : $sign, $typed);
    }

    /** Digits in groups of three where they are grouped, and digits behind the decimal sign where there is one. */
    private static function grouped(string $text, string $group, ?string $decimal, string $typed): string
    {
        $separator = preg_quote($group, '/');
        $fraction = $decimal === null ? '' : '(' . preg_quote($decimal, '/') . '\d+)';
        if (preg_match("/^(?:\\d+|[1-9]\\d{0,2}(?:{$separator}\\d{3})+){$fraction}$/", $text) !== 1) {
            throw UnreadableNumber::noNumber($typed);
        }
        $bare = str_replace($group, '', $text);

        return $decimal === null ? $bare : str_replace($decimal, '.', $bare);
    }
}
