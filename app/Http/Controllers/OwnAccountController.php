<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePassword;
use App\Actions\EditOwnAccount;
use App\Actions\EndSessions;
use App\Http\AccountRequest;
use App\Http\Middleware\KnownSession;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A person's own page: name, password, time zone, language of previews. */
final class OwnAccountController
{
    public function show(): View
    {
        return view('accounts.own', ['browsersZone' => config('slate.browsers_zone')]);
    }

    public function edit(AccountRequest $request, EditOwnAccount $action): RedirectResponse
    {
        $action->run($request->own(), $request->text('name'), $request->text('zone'), $request->text('language'));

        return redirect()->route('own-account')->with('said', 'Kept.');
    }

    public function password(AccountRequest $request, ChangePassword $action): RedirectResponse
    {
        $account = $action->run($request->own(), $request->text('current_password'), $request->newPassword());
        KnownSession::begin($request, $account);

        return redirect()->route('own-account')->with('said', 'Your password is changed. You are signed out everywhere else.');
    }

    public function endSessions(AccountRequest $request, EndSessions $action): RedirectResponse
    {
        KnownSession::begin($request, $action->ofOwn($request->own()));

        return redirect()->route('own-account')->with('said', 'You are signed out everywhere else.');
    }
}
