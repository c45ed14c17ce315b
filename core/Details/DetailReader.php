<?php

declare(strict_types=1);

namespace Core\Details;

use Core\CoreException;
use Core\Pricing\Currency;
use Core\Pricing\Money;

/** Reads what is typed of a product into the one way it is kept, and says what is kept. */
final readonly class DetailReader
{
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
