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
            throw new UnreadableDay($typed);
        }

        return new self($text);
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
