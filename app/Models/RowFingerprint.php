<?php

declare(strict_types=1);

namespace App\Models;

/** A mark of what a form showed of a row: where it is another now, somebody changed the row meanwhile. */
final readonly class RowFingerprint
{
    public static function of(mixed ...$fields): string
    {
        return substr(hash('sha256', json_encode($fields, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)), 0, 32);
    }
}
