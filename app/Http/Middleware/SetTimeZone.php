<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use DateTimeZone;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Times are shown on the reader's own clock: that of the account if it has chosen one, else the browser says which, in
 * a cookie that only it writes.
 */
final class SetTimeZone
{
    public const COOKIE = 'zone';

    public function handle(Request $request, Closure $next): Response
    {
        $zone = $request->cookies->get(self::COOKIE);
        $isKnown = is_string($zone) && in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true);
        $browsers = $isKnown ? $zone : config('slate.zone');
        config(['slate.browsers_zone' => $browsers, 'slate.readers_zone' => $request->user()->zone ?? $browsers]);

        return $next($request);
    }
}
