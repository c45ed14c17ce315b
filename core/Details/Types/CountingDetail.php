<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\Counting;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;

/** What stock is counted for. */
final readonly class CountingDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Stock counted for';
    }

    public function isOfProduct(): bool
    {
        return true;
    }

    /** @throws UnreadableDetail */
    public function read(array $typed, Currency $currency): string
    {
        $way = $typed[0];

        return Counting::tryFrom($way)->value ?? throw UnreadableDetail::noCounting($way);
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return Counting::from($kept)->inWords();
    }
}
