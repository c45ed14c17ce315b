<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignedIn;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What could be done with a browser that was left open: the password is asked again if it was not for a while. */
final class PasswordAsked
{
    public function handle(Request $request, Closure $next): Response
    {
        if (SignedIn::wasPasswordAsked($request)) {
            return $next($request);
        }
        // A form comes back to its page with what was typed.
        if (!$request->isMethod('GET')) {
            $request->flashExcept(['password', 'current_password', 'password_confirmation']);
        }
        $request->session()->put('url.intended', $request->isMethod('GET') ? $request->fullUrl() : url()->previous());

        return redirect()->route('own-account.confirm');
    }
}
