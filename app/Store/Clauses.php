<?php

declare(strict_types=1);

namespace App\Store;

use Core\Reach\Reach;

/** A reach as it is stored: its clauses as JSON, each axis id => value ids. */
final class Clauses
{
    /** Of many products the same few reaches are read again and again: so many are known at a time. */
    private const KNOWN = 2_000;

    /** @var array<string, Reach> as stored => read */
    private static array $known = [];

    public static function encode(Reach $reach): string
    {
        return json_encode(
            array_map(fn(array $clause): object => (object) $clause, $reach->toArrays()),
            JSON_THROW_ON_ERROR,
        );
    }

    public static function decode(string $json): Reach
    {
        if (count(self::$known) >= self::KNOWN) {
            self::$known = [];
        }

        return self::$known[$json] ??= Reach::fromArrays(json_decode($json, true, 8, JSON_THROW_ON_ERROR));
    }
}
