<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignedIn;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps a session only for somebody who is signed in: whoever only knocks leaves no row behind. Where the connection is
 * https, the cookie is held to it, and to this host alone.
 */
final class SessionsOfAccounts extends StartSession
{
    public function getSession(Request $request): Session
    {
        if ($request->isSecure()) {
            config(['session.secure' => true]);
            $this->manager->driver()->setName('__Host-' . config('session.cookie'));
        }

        return parent::getSession($request);
    }

    protected function saveSession($request): void
    {
        if (
            $request->session()->has(SignedIn::SESSION) &&
            !$request->attributes->has(IdempotentForms::LEAVES_SESSION)
        ) {
            parent::saveSession($request);
        }
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if ($session->has(SignedIn::SESSION)) {
            parent::addCookieToResponse($response, $session);
        }
    }
}
