<?php

declare(strict_types=1);

namespace Tests\Walk;

use RuntimeException;

/** A law that did not hold. */
final class LawBroken extends RuntimeException
{
    public function __construct(public readonly string $law, string $how = '')
    {
        parent::__construct($how === '' ? $law : "{$law}: {$how}");
    }

    public static function unless(bool $holds, string $law, string $how = ''): void
    {
        if (!$holds) {
            throw new self($law, $how);
        }
    }

    /** Two states that are to be the same; what differs is said. */
    public static function unlessSame(mixed $is, mixed $was, string $law): void
    {
        if ($is !== $was) {
            throw new self($law, self::difference($is, $was, ''));
        }
    }

    private static function difference(mixed $is, mixed $was, string $place): string
    {
        if (is_array($is) && is_array($was)) {
            foreach ($is + $was as $key => $_) {
                if (($is[$key] ?? null) !== ($was[$key] ?? null)) {
                    return self::difference($is[$key] ?? null, $was[$key] ?? null, "{$place}/{$key}");
                }
            }

            return "{$place} in another order";
        }

        return "{$place} is " . json_encode($is) . ', was ' . json_encode($was);
    }
}
