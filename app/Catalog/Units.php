<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Text\NumberReader;

/** A number of units in stock, as it is typed. */
final class Units
{
    private const MOST = 9_999_999;

    /** @return ?int null where nothing is typed: nobody counts them */
    public static function typed(string $typed): ?int
    {
        if (trim($typed) === '') {
            return null;
        }
        $number = NumberReader::read($typed);
        if ($number->isNegative() || $number->isGreaterThan(self::MOST) || $number->hasNonZeroFractionalPart()) {
            throw new Refused("“{$typed}” is not a number of units. Type a whole number such as 12.", Kind::Unreadable, 'typed');
        }

        return $number->toInt();
    }
}
