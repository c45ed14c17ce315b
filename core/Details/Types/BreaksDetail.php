<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailType;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\QuantityBreaks;

/** What is taken off the price of each unit from some quantity on. */
final readonly class BreaksDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Quantity breaks';
    }

    public function isOfProduct(): bool
    {
        return true;
    }

    public function hasMoney(): bool
    {
        return true;
    }

    /** @param  list<string>  $typed  three to each quantity */
    public function read(array $typed, Currency $currency): string
    {
        $rows = array_map(fn(array $row): array => [$row[0], $row[1] ?? '', $row[2] ?? ''], array_chunk($typed, 3));

        return QuantityBreaks::typed($rows, $currency)->text();
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return QuantityBreaks::fromText($kept, $currency)->inWords();
    }

    public function inCurrency(string $kept, Currency $from, Currency $to): string
    {
        return (string) preg_replace_callback(
            '/(?<= )[\d.]+(?= )/',
            fn(array $found): string => Money::of($found[0], $from)->roundedIn($to)->shown(),
            $kept,
        );
    }

    public function amounts(string $kept, Currency $currency): array
    {
        $amounts = [];
        foreach (QuantityBreaks::fromText($kept, $currency)->breaks as $break) {
            if ($break->off instanceof Money) {
                $amounts[] = $break->off;
            }
        }

        return $amounts;
    }
}
