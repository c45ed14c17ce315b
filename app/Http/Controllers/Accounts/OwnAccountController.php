<?php

declare(strict_types=1);

namespace App\Http\Controllers\Accounts;

use App\Accounts\Sessions;
use App\Actions\Accounts\ChangePassword;
use App\Actions\Accounts\EditOwnAccount;
use App\Actions\Accounts\EndSessions;
use App\Http\AccountRequest;
use App\Http\SignedIn;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Session;

/** A person's own page: name, password, time zone, language of previews, and where the person is signed in. */
final class OwnAccountController
{
    public function show(AccountRequest $request, Sessions $sessions): View
    {
        return view('accounts.own', [
            'browsersZone' => config('slate.browsers_zone'),
            'sessions' => $sessions->of($request->own()),
            'here' => SignedIn::id($request),
        ]);
    }

    public function edit(AccountRequest $request, EditOwnAccount $action): RedirectResponse
    {
        $action->run($request->own(), $request->text('name'), $request->text('zone'), $request->text('language'));

        return redirect()->route('own-account')->with('said', 'Kept.');
    }

    public function password(AccountRequest $request, ChangePassword $action, SignedIn $signedIn): RedirectResponse
    {
        $action->run(
            $request->own(),
            $request->text('current_password'),
            $request->newPassword(),
            SignedIn::id($request),
        );
        $signedIn->passwordGiven($request);

        return redirect()
            ->route('own-account')
            ->with('said', 'Your password is changed. You are signed out everywhere else.');
    }

    public function endSessions(AccountRequest $request, EndSessions $action): RedirectResponse
    {
        $action->ofOwn($request->own(), SignedIn::id($request));

        return redirect()->route('own-account')->with('said', 'You are signed out everywhere else.');
    }

    public function endSession(AccountRequest $request, EndSessions $action): RedirectResponse
    {
        $action->one($request->own(), $request->text('session'));

        return redirect()->route('own-account')->with('said', 'That browser is signed out.');
    }

    public function confirm(AccountRequest $request): View
    {
        // What was typed on the page that asks for it stays until that page is there again.
        Session::reflash();

        return view('accounts.confirm');
    }

    /** @throws Refusal */
    public function giveConfirmation(AccountRequest $request, SignedIn $signedIn): RedirectResponse
    {
        Session::reflash();
        if (!Hash::check($request->text('current_password'), $request->own()->password)) {
            throw new Refusal(
                'This is not your password. Type it once more.',
                RefusalKind::Unreadable,
                'current_password',
            );
        }
        $signedIn->passwordGiven($request);

        return redirect()->intended(route('own-account'));
    }
}
