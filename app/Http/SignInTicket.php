<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * Tells that a form to sign in comes from our own page, without a session: what the form carries stands in a cookie of
 * the browser as well, encrypted, so that nobody else can have put it there.
 */
final class SignInTicket
{
    private const COOKIE = 'sign_in_ticket';

    private const MINUTES = 120;

    /** Gives the browser a ticket, or lets it keep the one it has. */
    public static function give(Request $request): string
    {
        $held = $request->cookie(self::name($request));
        $ticket = is_string($held) && strlen($held) === 40 ? $held : Str::random(40);
        Cookie::queue(Cookie::make(self::name($request), $ticket, self::MINUTES, sameSite: 'strict'));

        return $ticket;
    }

    public static function fits(Request $request): bool
    {
        $held = $request->cookie(self::name($request));
        $given = $request->input('_token');

        return is_string($held) && is_string($given) && $held !== '' && hash_equals($held, $given);
    }

    private static function name(Request $request): string
    {
        return ($request->isSecure() ? '__Host-' : '') . self::COOKIE;
    }
}
