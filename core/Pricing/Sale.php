<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Core\CoreException;
use Core\Text\Day;

/** A lower price for a time. Both days are part of it; without one it is open on that side. */
final readonly class Sale
{
    private const OPEN = '-';

    /** @throws UnreadablePrice where it ends before it begins */
    public function __construct(public Money $price, public ?Day $from = null, public ?Day $until = null)
    {
        if ($from !== null && $until?->isBefore($from) === true) {
            throw UnreadablePrice::endsBeforeItBegins();
        }
    }

    /**
     * As its three fields are typed.
     *
     * @throws CoreException
     */
    public static function typed(string $price, string $from, string $until, Currency $currency): self
    {
        $day = fn(string $typed): ?Day => trim($typed) === '' ? null : Day::typed($typed);

        return new self(Money::typed($price, $currency), $day($from), $day($until));
    }

    /** @param  string  $text  as text() gives it */
    public static function fromText(string $text, Currency $currency): self
    {
        [$price, $from, $until] = explode(' ', $text) + ['0', self::OPEN, self::OPEN];

        return new self(
            Money::rounded(BigDecimal::of($price), $currency),
            $from === self::OPEN ? null : Day::typed($from),
            $until === self::OPEN ? null : Day::typed($until),
        );
    }

    /** As it is stored: "39.00 2026-12-01 -" */
    public function text(): string
    {
        return implode(' ', [$this->price->shown(), $this->from->iso ?? self::OPEN, $this->until->iso ?? self::OPEN]);
    }

    /** Whether it is less than what the SKU costs else; without a price it is less than nothing. */
    public function isBelow(?Money $regular): bool
    {
        return $regular !== null && $this->price->isLessThan($regular);
    }

    public function isOn(Day $day): bool
    {
        return !($this->from !== null && $day->isBefore($this->from)) &&
            !($this->until !== null && $this->until->isBefore($day));
    }

    /** "39.00, 1 December 2026 to 24 December 2026", "39.00 from 1 December 2026", "39.00 until …", "39.00" */
    public function inWords(): string
    {
        return $this->price->shown() .
            match (true) {
                $this->from !== null && $this->until !== null
                    => ", {$this->from->inWords()} to {$this->until->inWords()}",
                $this->from !== null => " from {$this->from->inWords()}",
                $this->until !== null => " until {$this->until->inWords()}",
                default => '',
            };
    }
}
