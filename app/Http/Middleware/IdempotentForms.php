<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A plain form is carried out once, however often its button is pressed: it carries a token of its page, and whoever
 * sends the same again is led to where the first was led. What the scripts of a page send is known by its token where
 * the change is kept (App\History\IdempotencyKeys).
 */
final class IdempotentForms
{
    /** Marks a request whose answer leaves the session as the first has left it. */
    public const LEAVES_SESSION = 'leaves-session';

    /** Seconds that a form may take, and for which it is known. */
    private const TAKES = 60;

    private const KNOWN_FOR = 86_400;

    public function handle(Request $request, Closure $next): Response
    {
        $token = $request->isMethod('POST') && !$request->hasHeader('HX-Request') ? $request->input('token') : null;
        if (!is_string($token) || preg_match('/^[0-9a-zA-Z-]{20,40}$/', $token) !== 1) {
            return $next($request);
        }
        $key = "sent-once:{$request->user()?->id}:{$token}";

        $lock = Cache::lock("{$key}:lock", self::TAKES);

        return $lock->block(self::TAKES, function () use ($request, $next, $key): Response {
            $led = Cache::get($key);
            if (is_string($led)) {
                $request->attributes->set(self::LEAVES_SESSION, true);

                return redirect($led);
            }
            $response = $next($request);
            // What was refused may be sent again as it stands on the page.
            if ($response instanceof RedirectResponse && !$request->session()->has('errors')) {
                Cache::put($key, $response->getTargetUrl(), self::KNOWN_FOR);
            }

            return $response;
        });
    }
}
