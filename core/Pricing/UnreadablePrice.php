<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

final class UnreadablePrice extends CoreException
{
    public static function noNumber(string $typed): self
    {
        return new self("“{$typed}” is not a price. Type a number such as 49.00.");
    }

    public static function outOfBounds(string $typed, string $most): self
    {
        return new self("“{$typed}” is not a price: it must lie between 0 and ".$most.'.');
    }

    public static function tooFine(string $typed, string $currency, int $decimals): self
    {
        return new self("{$currency} has {$decimals} decimals; “{$typed}” has more.");
    }
}
