<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use Core\Sheets\SafeCell;
use DateInterval;
use DateTimeInterface;

/** A cell of a workbook as the text that a person means: a whole number without a point, a day as 2026-12-24. */
final class CellText
{
    /** Whole numbers up to this are exact as spreadsheets keep them (IEEE 754, 53 bits). */
    private const EXACT = 9_007_199_254_740_992.0;

    public static function of(mixed $value): string
    {
        return match (true) {
            $value === null => '',
            is_string($value) => SafeCell::read(trim(mb_scrub($value, 'UTF-8'))),
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value) => (string) $value,
            is_float($value) => self::number($value),
            $value instanceof DateTimeInterface => $value->format(
                $value->format('His') === '000000' ? 'Y-m-d' : 'Y-m-d H:i',
            ),
            $value instanceof DateInterval => $value->format('%H:%I'),
            default => '',
        };
    }

    private static function number(float $value): string
    {
        return floor($value) === $value && abs($value) <= self::EXACT
            ? sprintf('%.0f', $value)
            : (string) round($value, 10);
    }
}
