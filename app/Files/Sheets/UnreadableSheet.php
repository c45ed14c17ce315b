<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use Core\Refusal;
use Core\RefusalKind;

/** A file that cannot be read as a sheet. */
final class UnreadableSheet extends Refusal
{
    public static function isNone(string $name): self
    {
        return self::because(
            "{$name} is no sheet: CSV, XLSX and ODS are read. Save it as one of these in your spreadsheet program.",
        );
    }

    public static function isBroken(string $name): self
    {
        return self::because("{$name} is broken, or did not arrive whole. Save it once more, and bring it again.");
    }

    public static function isTooLarge(string $name): self
    {
        return self::because("{$name} holds more than can be read at once. Part it into several sheets.");
    }

    public static function isEmpty(string $name): self
    {
        return self::because("Nothing stands in {$name}. Its first sheet needs a row of headers, and rows below it.");
    }

    public static function hasTooManyRows(string $name, int $most): self
    {
        return self::because("{$name} has more than " . number_format($most) . ' rows. Part it into several sheets.');
    }

    public static function stoppedAt(string $why): self
    {
        return self::because("The sheet cannot be read to its end ({$why}). Save it once more, and bring it again.");
    }

    private static function because(string $why): self
    {
        return new self($why, RefusalKind::Unreadable, 'file');
    }
}
