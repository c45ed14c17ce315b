<?php

declare(strict_types=1);

namespace App\Http\Language;

use NumberFormatter;

/** Numbers and lists as the language of the interface writes them. */
final class Numbers
{
    /** @param int $places digits after the point, always so many */
    public static function written(int|float $number, int $places = 0): string
    {
        $formatter = new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $places);
        // As a person rounds: 0.5 up. The formatter's own choice is to the even neighbor.
        $formatter->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);

        return (string) $formatter->format($number);
    }

    /** With at most one digit after the point, and none where it is whole. */
    public static function short(float $number): string
    {
        return self::written($number, floor($number) === $number ? 0 : 1);
    }

    /** @param array<array-key, string> $things */
    public static function list(array $things): string
    {
        return implode(__('words.between'), $things);
    }
}
