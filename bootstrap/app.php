<?php

declare(strict_types=1);

use App\Http\Middleware\BoundedInput;
use App\Http\Middleware\LimitConcurrency;
use App\Http\Middleware\RememberedBrowser;
use App\Http\Middleware\RequestId;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SessionsOfAccounts;
use App\Http\Middleware\SetLanguage;
use App\Http\Middleware\SetTimeZone;
use App\Http\Middleware\ShareRights;
use App\Http\RefusalAnswers;
use App\Http\TrustedHosts;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        commands: __DIR__ . '/../routes/console.php',
        then: fn() => Route::group([], __DIR__ . '/../routes/health.php'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Everything is same-origin.
        $middleware->remove(HandleCors::class);
        // By whichever name a request calls this server, links are made for the names that it has.
        $middleware->trustHosts(at: fn(): array => TrustedHosts::patterns(), subdomains: false);
        // Before anything reads what a request carries.
        $middleware->prepend(BoundedInput::class);
        // Outermost: errors and redirects have the headers too.
        $middleware->prepend(SecurityHeaders::class);
        // After it is known which proxies are trusted.
        $middleware->append(RequestId::class);
        // Tabs and line breaks at the end of a block are cells.
        $middleware->trimStrings(except: ['block']);
        $middleware->web(
            append: [SetLanguage::class, SetTimeZone::class, ShareRights::class],
            replace: [StartSession::class => SessionsOfAccounts::class],
        );
        $middleware->web(append: [RememberedBrowser::class]);
        $middleware->prependToPriorityList(AuthenticatesRequests::class, RememberedBrowser::class);
        $middleware->prependToPriorityList(ShareErrorsFromSession::class, SessionsOfAccounts::class);
        // It has a ticket of its own (App\Http\SignInTicket).
        $middleware->validateCsrfTokens(except: ['sign-in']);
        $middleware->encryptCookies(except: [SetTimeZone::COOKIE]);
        $middleware->alias(['at-once' => LimitConcurrency::class]);
        // What only asks, but has so much to say that it stands in a body.
        $middleware->group('looks', ['throttle:looks', 'at-once:pages,2,looks']);
        // Where somebody was on the way to stands in the address: a guest has no session.
        $middleware->redirectGuestsTo(
            fn(Request $request): string => route(
                'sign-in',
                $request->isMethod('GET') && !$request->hasHeader('HX-Request') && $request->getRequestUri() !== '/'
                    ? ['to' => $request->getRequestUri()]
                    : [],
                false,
            ),
        );
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(fn(Exceptions $exceptions) => RefusalAnswers::register($exceptions))
    ->create();
