<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

final class UnreadablePrice extends CoreException
{
    /** @param  string  $most  the largest amount there is */
    public static function outOfBounds(string $typed, string $most): self
    {
        return new self("“{$typed}” is not a price: it must lie between 0 and {$most}.");
    }

    /** An amount with more digits than its currency has. */
    public static function tooFine(string $typed, Currency $currency): self
    {
        $digits = $currency->digits === 0 ? 'no decimals' : "{$currency->digits} decimals";

        return new self("{$currency->code} has {$digits}; “{$typed}” has more.");
    }
}
