<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Text\NumberReader;

/** What is done to the units of many SKUs at once: set, added to, taken from, or counted no longer. */
final readonly class StockChange
{
    public const MOST = 9_999_999;

    /** Units as they are mostly typed: no more digits than the most has. */
    private const UNITS = '/^\d{1,7}$/D';

    private function __construct(private ?int $to, private ?int $by = null) {}

    /**
     * As it is typed: "12" sets, "+5" adds, "-3" takes away, nothing says that nobody counts them.
     *
     * @throws UnreadableUnits
     */
    public static function typed(string $typed): self
    {
        $text = NumberReader::trimmed($typed);
        if ($text === '') {
            return new self(null);
        }
        if (preg_match(self::UNITS, $text) === 1) {
            return new self((int) $text);
        }
        $isBy = preg_match('/^[+\-\x{2212}\x{2013}\x{FF0B}]/u', $text) === 1;
        $number = NumberReader::read((string) preg_replace('/^[+\x{FF0B}]\s*(?=\d)/u', '', $text), 0);
        if ($number->hasNonZeroFractionalPart() || $number->abs()->isGreaterThan(self::MOST)) {
            throw UnreadableUnits::called($typed, self::MOST);
        }

        return $isBy ? new self(null, $number->toInt()) : new self($number->toInt());
    }

    /**
     * A number of units, and no change of one.
     *
     * @return ?int null where nothing is typed: nobody counts them
     *
     * @throws UnreadableUnits
     */
    public static function units(string $typed): ?int
    {
        $change = self::typed($typed);

        return $change->by === null ? $change->to : throw UnreadableUnits::called($typed, self::MOST);
    }

    /** Whether it needs to know how many there are. */
    public function isOfWhatIs(): bool
    {
        return $this->by !== null;
    }

    /**
     * @param  ?int  $is  null where nobody has counted them: then nothing is added or taken
     * @param  string  $place  in words
     * @return ?int units from now on
     *
     * @throws UnreadableUnits where more would be taken than there is, or too many were there
     */
    public function of(?int $is, string $place): ?int
    {
        if ($this->by === null) {
            return $this->to;
        }
        if ($is === null) {
            return null;
        }
        $units = $is + $this->by;
        if ($units < 0) {
            throw UnreadableUnits::areFewer($is, -$this->by, $place);
        }

        return $units > self::MOST ? throw UnreadableUnits::called((string) $units, self::MOST) : $units;
    }

    /** "set to 12", "5 more", "3 less", "no longer counted" */
    public function inWords(): string
    {
        return match (true) {
            $this->by !== null => number_format(abs($this->by)) . ($this->by < 0 ? ' less' : ' more'),
            $this->to === null => 'no longer counted',
            default => 'set to ' . number_format($this->to),
        };
    }
}
