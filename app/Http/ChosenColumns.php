<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Which columns a person wants to see of rows, until they sign out. */
final class ChosenColumns
{
    private const KEY = 'rows.columns';

    /** @return ?list<string> headers; null where nobody chose any */
    public static function of(Request $request): ?array
    {
        $kept = $request->hasSession() ? $request->session()->get(self::KEY) : null;

        return is_array($kept) ? array_values(array_filter($kept, is_string(...))) : null;
    }

    /** @param  list<string>  $headers */
    public static function keep(Request $request, array $headers): void
    {
        $request->session()->put(self::KEY, $headers);
    }
}
