<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignedIn;
use App\Models\User;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session goes on as long as nobody has ended it; that works wherever sessions are kept. Whoever has a password that
 * somebody else made chooses another before anything else.
 */
final readonly class KnownSession
{
    public function __construct(private SignedIn $signedIn) {}

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $account */
        $account = $request->user();
        Context::add('user', $account->id);
        if (!$this->signedIn->isGoingOn($request, $account)) {
            $this->signedIn->end($request);

            return self::sent($request, redirect()->route('sign-in', ['because' => 'ended']));
        }
        if ($account->password_is_temporary && !$request->routeIs('own-account*', 'sign-out')) {
            return self::sent(
                $request,
                redirect()->route('own-account')->with('said', __('answers.the_password_you_signed_in_with')),
            );
        }

        return $next($request);
    }

    private static function sent(Request $request, RedirectResponse $to): Response
    {
        return $request->hasHeader('HX-Request') ? response('', 401, ['HX-Redirect' => $to->getTargetUrl()]) : $to;
    }
}
