<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Text\NumberReader;

/** A text that the buyer gives with the order, such as a name to embroider. */
final readonly class BuyerText
{
    private const MOST_LABEL = 60;

    private const MOST_CHARACTERS = 1000;

    /**
     * @param  string  $asks  what the buyer reads
     * @param  int  $least  characters; 0 where it may be left empty
     * @param  int  $most  characters
     */
    private function __construct(public string $asks, public int $least, public int $most) {}

    /** @throws UnreadableDetail */
    public static function typed(string $asks, string $least, string $most): self
    {
        $label = trim((string) preg_replace('/\s+/u', ' ', $asks));
        $read = fn(string $typed, int $usual): int => trim($typed) === '' ? $usual : self::count($typed);
        $from = $read($least, 0);
        $to = $read($most, 100);
        if ($label === '' || mb_strlen($label) > self::MOST_LABEL || $from < 0 || $to < 1 || $from > $to) {
            throw UnreadableDetail::noBuyerText(self::MOST_LABEL, self::MOST_CHARACTERS);
        }

        return new self($label, $from, $to);
    }

    /** @return int characters; below zero where it is no number of them */
    private static function count(string $typed): int
    {
        $number = NumberReader::read($typed);

        return $number->isNegative() ||
            $number->isGreaterThan(self::MOST_CHARACTERS) ||
            $number->hasNonZeroFractionalPart()
            ? -1
            : $number->toInt();
    }

    /** @param  string  $text  as text() gives it */
    public static function fromText(string $text): self
    {
        [$least, $most, $asks] = explode(' ', $text, 3);

        return new self($asks, (int) $least, (int) $most);
    }

    /** As it is stored: "3 20 Name to embroider" */
    public function text(): string
    {
        return "{$this->least} {$this->most} {$this->asks}";
    }

    public function inWords(): string
    {
        return "{$this->asks}, " .
            ($this->least === 0 ? "up to {$this->most} characters" : "{$this->least} to {$this->most} characters");
    }
}
