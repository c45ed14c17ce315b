<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailType;
use Core\Pricing\Currency;
use Core\Pricing\Sale;
use Core\Text\NumberReader;

/** A lower price, from one day until another. */
final readonly class SaleDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Sale';
    }

    public function hasMoney(): bool
    {
        return true;
    }

    public function read(array $typed, Currency $currency): string
    {
        return Sale::typed($typed[0], $typed[1] ?? '', $typed[2] ?? '', $currency)->text();
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return Sale::fromText($kept, $currency)->inWords();
    }

    public function inCurrency(string $kept, Currency $from, Currency $to): string
    {
        $sale = Sale::fromText($kept, $from);

        return (new Sale($sale->price->roundedIn($to), $sale->from, $sale->until))->text();
    }

    public function amounts(string $kept, Currency $currency): array
    {
        return [Sale::fromText($kept, $currency)->price];
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $sale = $kept === '' ? null : Sale::fromText($kept, $currency);
        $price = $sale === null ? '' : NumberReader::again($sale->price->amount);

        return [
            new DetailInput("Sale price, {$currency->code}", $price),
            new DetailInput('From', $sale->from->iso ?? '', 'date'),
            new DetailInput('Until', $sale->until->iso ?? '', 'date'),
        ];
    }
}
