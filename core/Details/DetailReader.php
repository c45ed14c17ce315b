<?php

declare(strict_types=1);

namespace Core\Details;

use Core\CoreException;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\QuantityBreaks;
use Core\Pricing\Sale;
use Core\Text\Day;

/** Reads what is typed of a product into the one way it is kept, and says what is kept. */
final readonly class DetailReader
{
    /** A price with the days from which and until which it holds. */
    private const SALE = '/^([\d.,\s]+)\s(\d{4}-\d\d-\d\d|-)\s(\d{4}-\d\d-\d\d|-)$/';

    public function __construct(private Currency $currency) {}

    /**
     * @param  list<string>  $typed  as many texts as the detail has inputs
     * @return string as it is kept; empty where nothing was typed
     *
     * @throws CoreException where it cannot be read
     */
    public function read(DetailKind $kind, array $typed): string
    {
        if ($kind === DetailKind::Breaks) {
            // Of a table of fields the first row may be empty.
            return $kind->type()->read($typed, $this->currency);
        }
        $first = trim($typed[0] ?? '');

        return $first === '' ? '' : $kind->type()->read([$first, ...array_slice($typed, 1)], $this->currency);
    }

    /**
     * What stands in one text: as it is kept, as a sheet lists it, or as somebody types it.
     *
     * @return string as it is kept
     *
     * @throws CoreException where it cannot be read
     */
    public function listed(DetailKind $kind, string $text): string
    {
        return match ($kind) {
            DetailKind::Sale => preg_match(self::SALE, $text, $found) === 1
                ? Sale::typed(
                    $found[1],
                    trim($found[2], '-') === '' ? '' : $found[2],
                    trim($found[3], '-') === '' ? '' : $found[3],
                    $this->currency,
                )->text()
                : Sale::typed($text, '', '', $this->currency)->text(),
            DetailKind::PreOrder => Day::inAnyOrder($text)->iso,
            DetailKind::Breaks => QuantityBreaks::listed($text, $this->currency)->text(),
            DetailKind::BuyerText => preg_match('/^(\d+) (\d+) (.+)$/s', $text, $found) === 1
                ? $this->read($kind, [$found[3], $found[1], $found[2]])
                : $this->read($kind, [$text]),
            default => $this->read($kind, [$text]),
        };
    }

    /** What is kept, as a person reads it. */
    public function inWords(DetailKind $kind, string $kept): string
    {
        return $kept === '' ? 'none' : $kind->type()->inWords($kept, $this->currency);
    }

    /**
     * What is kept of an amount, in another currency: the number stays, rounded where the currency has fewer digits.
     */
    public function inCurrency(DetailKind $kind, string $kept, Currency $other): string
    {
        return $kept === '' ? '' : $kind->type()->inCurrency($kept, $this->currency, $other);
    }

    /** @return list<Money> the amounts in what is kept; an ending is none */
    public function amounts(DetailKind $kind, string $kept): array
    {
        return $kept === '' ? [] : $kind->type()->amounts($kept, $this->currency);
    }
}
