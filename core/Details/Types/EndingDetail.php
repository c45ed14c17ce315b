<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailType;
use Core\Pricing\Currency;
use Core\Pricing\PriceEnding;

/** How prices end that rules make. */
final readonly class EndingDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Price ending';
    }

    public function hasMoney(): bool
    {
        return true;
    }

    public function read(array $typed, Currency $currency): string
    {
        return PriceEnding::typed($typed[0], $currency)->text();
    }

    /** An ending that the currency cannot have ends nothing any more. */
    public function inCurrency(string $kept, Currency $from, Currency $to): string
    {
        return str_contains($kept, '.') && $to->digits !== $from->digits ? '' : $kept;
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $example = $currency->digits === 0 ? '80' : '.95 or 9.00';

        return [
            new DetailInput($this->label(), $kept, hint: "Such as {$example}: each goes to the nearest that ends so."),
        ];
    }
}
