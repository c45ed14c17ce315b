<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session goes on as long as nobody has ended the sessions of its account; that works wherever sessions are kept.
 * Whoever has a password that somebody else made chooses another before anything else.
 */
final class KnownSession
{
    private const ENDED = 'sessions_ended';

    public static function begin(Request $request, User $account): void
    {
        $request->session()->put(self::ENDED, $account->sessions_ended);
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $account */
        $account = $request->user();
        Context::add('user', $account->id);
        if (Auth::viaRemember() && ! $request->session()->has(self::ENDED)) {
            self::begin($request, $account);
        }
        if ($account->closed_at !== null || $request->session()->get(self::ENDED, 0) !== $account->sessions_ended) {
            self::leave();
            $request->session()->invalidate();
            $request->session()->regenerateToken();

            return self::sent($request, redirect()->route('sign-in')->with('said', 'You were signed out here: the account was closed, its password was changed, or its sessions were ended.'));
        }
        if ($account->password_is_temporary && ! $request->routeIs('own-account*', 'sign-out')) {
            return self::sent($request, redirect()->route('own-account')->with('said', 'The password you signed in with was made by somebody else. Choose your own first.'));
        }

        return $next($request);
    }

    private static function sent(Request $request, \Illuminate\Http\RedirectResponse $to): Response
    {
        return $request->hasHeader('HX-Request') ? response('', 401, ['HX-Redirect' => $to->getTargetUrl()]) : $to;
    }

    /** Signs out of this browser alone: the account stays signed in elsewhere. */
    public static function leave(): void
    {
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        $guard->logoutCurrentDevice();
    }
}
