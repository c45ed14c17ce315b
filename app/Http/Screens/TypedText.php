<?php

declare(strict_types=1);

namespace App\Http\Screens;

use Core\Text\Translations;

/** Lists and translations as they stand in a field, to be typed again. */
final class TypedText
{
    /** @param ?list<string> $kept null for none */
    public static function list(?array $kept): string
    {
        return implode(', ', $kept ?? []);
    }

    /** @param ?array<string, string> $kept names by language; null for none */
    public static function translations(?array $kept): string
    {
        return $kept === null ? '' : Translations::of($kept)->typed();
    }
}
