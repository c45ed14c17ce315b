<?php

declare(strict_types=1);

namespace App\Store;

use Core\Pricing\Money;

/** Money as its columns hold it: with four decimals, as many as any currency has. */
final class Amounts
{
    private const SCALE = 4;

    public static function stored(?Money $money): ?string
    {
        return $money === null ? null : (string) $money->amount->toScale(self::SCALE);
    }
}
