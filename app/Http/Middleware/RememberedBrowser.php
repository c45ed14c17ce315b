<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignedIn;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets a browser in again that was asked to remember who sits at it. */
final readonly class RememberedBrowser
{
    public function __construct(private SignedIn $signedIn) {}

    public function handle(Request $request, Closure $next): Response
    {
        if (Auth::guest()) {
            $this->signedIn->resume($request);
        }

        return $next($request);
    }
}
