<?php

declare(strict_types=1);

namespace Core\Text;

/** A day of the Gregorian calendar, without a time: "2026-12-24". */
final readonly class Day
{
    private const MONTHS = [
        'January',
        'February',
        'March',
        'April',
        'May',
        'June',
        'July',
        'August',
        'September',
        'October',
        'November',
        'December',
    ];

    private const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    private function __construct(public string $iso) {}

    /**
     * @param  string  $typed  year, month, day, as ISO 8601 has them; from 1900 to 2199
     *
     * @throws UnreadableDay
     */
    public static function typed(string $typed): self
    {
        $text = trim($typed);
        if (
            preg_match('/^((?:19|20|21)\d\d)-(0[1-9]|1[0-2])-(\d\d)$/', $text, $found) !== 1 ||
            !self::isInMonth((int) $found[1], (int) $found[2], (int) $found[3])
        ) {
            throw UnreadableDay::called($typed);
        }

        return new self($text);
    }

    /**
     * In whichever order people write it: "2026-12-24", "24.12.2026", "24/12/2026", "12/24/2026". With points the day
     * stands first; otherwise what can be read in two ways is refused with both.
     *
     * @throws UnreadableDay
     */
    public static function inAnyOrder(string $typed): self
    {
        $text = trim($typed);
        if (preg_match('~^(\d{1,2})([./-])(\d{1,2})\2((?:19|20|21)\d\d)$~', $text, $found) !== 1) {
            return self::typed((string) preg_replace('~^(\d{4})[./](\d{1,2})[./](\d{1,2})$~', '$1-$2-$3', $text));
        }
        [, $first, $sign, $second, $year] = $found;
        $dayFirst = self::of((int) $year, (int) $second, (int) $first);
        $monthFirst = $sign === '.' ? null : self::of((int) $year, (int) $first, (int) $second);
        if ($dayFirst !== null && $monthFirst !== null && $dayFirst->iso !== $monthFirst->iso) {
            throw UnreadableDay::twoReadings($typed, $dayFirst, $monthFirst);
        }

        return $dayFirst ?? ($monthFirst ?? throw UnreadableDay::called($typed));
    }

    /** Null where the calendar has no such day. */
    private static function of(int $year, int $month, int $day): ?self
    {
        return $month >= 1 && $month <= 12 && self::isInMonth($year, $month, $day)
            ? new self(sprintf('%04d-%02d-%02d', $year, $month, $day))
            : null;
    }

    public function isBefore(self $other): bool
    {
        return $this->iso < $other->iso;
    }

    /** "24 December 2026" */
    public function inWords(): string
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->iso));

        return $day . ' ' . self::MONTHS[$month - 1] . " {$year}";
    }

    private static function isInMonth(int $year, int $month, int $day): bool
    {
        $isLeap = $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0);

        return $day >= 1 && $day <= self::DAYS[$month - 1] + ($month === 2 && $isLeap ? 1 : 0);
    }
}
