<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Pricing\Currency;

/** What holds of most details. */
trait UsualDetail
{
    abstract public function label(): string;

    public function section(): DetailSection
    {
        return DetailSection::Elsewhere;
    }

    public function isOfProduct(): bool
    {
        return false;
    }

    public function hasMoney(): bool
    {
        return false;
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return $kept;
    }

    public function inCurrency(string $kept, Currency $from, Currency $to): string
    {
        return $kept;
    }

    public function amounts(string $kept, Currency $currency): array
    {
        return [];
    }

    public function inputs(string $kept, Currency $currency): array
    {
        return [new DetailInput($this->label(), $kept)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return '';
    }

    public function linked(string $kept): array
    {
        return [];
    }

    public function remembers(): ?string
    {
        return null;
    }

    public function usual(): array
    {
        return [];
    }
}
