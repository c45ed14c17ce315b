<?php

declare(strict_types=1);

namespace App\Store;

use Core\Text\Day;

/** The day that it is where the shop is: sales begin and end by it. */
final class ShopDay
{
    public static function today(): Day
    {
        return Day::typed(now((string) config('slate.zone'))->format('Y-m-d'));
    }
}
