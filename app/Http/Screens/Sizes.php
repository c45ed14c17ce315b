<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** Bytes as people say them. */
final class Sizes
{
    /** "2.4 MB" */
    public static function megabytes(int $bytes): string
    {
        return __('answers.bytes_mb', ['bytes' => number_format($bytes / 1_048_576, 1)]);
    }
}
