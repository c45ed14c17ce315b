<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePassword;
use App\Actions\EditOwnAccount;
use App\Actions\EndSessions;
use App\Actions\NewPassword;
use App\Http\Middleware\KnownSession;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A person's own page: name, password, time zone, language of previews. */
final class OwnAccountController
{
    public function show(): View
    {
        return view('accounts.own', ['browsersZone' => config('slate.browsers_zone')]);
    }

    public function edit(Request $request, EditOwnAccount $action): RedirectResponse
    {
        $action->run($this->own($request), $request->string('name')->toString(), $request->string('zone')->toString(), $request->string('language')->toString());

        return redirect()->route('own-account')->with('said', 'Kept.');
    }

    public function password(Request $request, ChangePassword $action): RedirectResponse
    {
        $own = $this->own($request);
        $account = $action->run($own, $this->typed($request, 'current_password'), NewPassword::typed($this->typed($request, 'password'), $this->typed($request, 'password_confirmation'), $own->name, $own->email));
        KnownSession::begin($request, $account);

        return redirect()->route('own-account')->with('said', 'Your password is changed. You are signed out everywhere else.');
    }

    public function endSessions(Request $request, EndSessions $action): RedirectResponse
    {
        KnownSession::begin($request, $action->ofOwn($this->own($request)));

        return redirect()->route('own-account')->with('said', 'You are signed out everywhere else.');
    }

    private function own(Request $request): User
    {
        /** @var User */
        return $request->user();
    }

    private function typed(Request $request, string $field): string
    {
        $typed = $request->input($field);

        return is_string($typed) ? $typed : '';
    }
}
