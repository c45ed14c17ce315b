<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Accounts;
use App\Actions\SignIn;
use App\Http\KnownBrowser;
use App\Http\Middleware\KnownSession;
use App\Http\SignInLimits;
use App\Refusals\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;

final class SessionController
{
    public function show(): View
    {
        return view('session.sign-in');
    }

    public function store(Request $request, SignIn $action, Accounts $accounts): RedirectResponse|Response
    {
        $given = $request->validate(['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:1000']]);
        $account = $accounts->withAddress($given['email']);
        $limits = SignInLimits::of($request, $account, $given['email']);
        $wait = $limits->wait();
        if ($wait > 0) {
            return $this->tooOften($request, $wait);
        }
        try {
            $fits = $action->run($account, $given['password']);
        } catch (Refused $closed) {
            $limits->failed();

            return back()->withInput(['email' => $given['email']])->withErrors(['email' => $closed->getMessage()]);
        }
        if ($account === null || ! $fits) {
            $limits->failed();

            return back()->withInput(['email' => $given['email']])->withErrors(['email' => 'This address and password do not belong together. Check both and try again.']);
        }
        $limits->passed();
        Auth::login($account, true);
        $request->session()->regenerate();
        KnownSession::begin($request, $account);
        KnownBrowser::from($request)->remember($account);

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        KnownSession::leave();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    private function tooOften(Request $request, int $wait): Response
    {
        $when = $wait > 90 ? 'in '.ceil($wait / 60).' minutes' : "in {$wait} seconds";
        $errors = (new ViewErrorBag())->put('default', new MessageBag(['email' => "Too many tries for this account or from this network. Try again {$when}. A browser that has signed in here before need not wait for others."]));

        return response()->view('session.sign-in', ['errors' => $errors, 'typed' => (string) $request->input('email')], 429, ['Retry-After' => (string) $wait]);
    }
}
