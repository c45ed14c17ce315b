<?php

declare(strict_types=1);

namespace App\Http\Controllers\Accounts;

use App\Accounts\NewPassword;
use App\Accounts\Sessions;
use App\Actions\Accounts\ChangePassword;
use App\Actions\Accounts\EditOwnAccount;
use App\Actions\Accounts\EndSessions;
use App\Http\AccountRequest;
use App\Http\Screens\BrowserName;
use App\Http\SignedIn;
use App\Models\AccountSession;
use Core\Refusal;
use Core\RefusalKind;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Session;

/** A person's own page: name, password, time zone, language of previews, and where the person is signed in. */
final class OwnAccountController
{
    public function show(AccountRequest $request, Sessions $sessions): View
    {
        $open = $sessions->of($request->own());

        return view('accounts.own', [
            'browsersZone' => config('slate.browsers_zone'),
            'zones' => DateTimeZone::listIdentifiers(),
            'leastPassword' => NewPassword::LEAST,
            'sessions' => $open,
            'browsers' => collect($open)->mapWithKeys(
                fn(AccountSession $session): array => [$session->id => BrowserName::of($session->browser)],
            ),
            'here' => SignedIn::id($request),
        ]);
    }

    public function edit(AccountRequest $request, EditOwnAccount $action): RedirectResponse
    {
        $action->run($request->own(), $request->text('name'), $request->text('zone'), $request->text('language'));

        return redirect()->route('own-account')->with('said', __('answers.kept'));
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

        return redirect()->route('own-account')->with('said', __('answers.your_password_is_changed_you_are'));
    }

    public function endSessions(AccountRequest $request, EndSessions $action): RedirectResponse
    {
        $action->ofOwn($request->own(), SignedIn::id($request));

        return redirect()->route('own-account')->with('said', __('answers.you_are_signed_out_everywhere_else'));
    }

    public function endSession(AccountRequest $request, EndSessions $action): RedirectResponse
    {
        $action->one($request->own(), $request->text('session'));

        return redirect()->route('own-account')->with('said', __('answers.that_browser_is_signed_out'));
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
                __('answers.this_is_not_your_password_type'),
                RefusalKind::Unreadable,
                'current_password',
            );
        }
        $signedIn->passwordGiven($request);

        return redirect()->intended(route('own-account'));
    }
}
