<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** The shipped icons, each read once. */
final class Icons
{
    /** @var array<string, string> */
    private static array $read = [];

    public static function svg(string $name): string
    {
        return self::$read[$name] ??= (string) file_get_contents(resource_path("icons/{$name}.svg"));
    }
}
