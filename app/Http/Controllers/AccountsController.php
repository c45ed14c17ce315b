<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AccountForm;
use App\Actions\CloseAccount;
use App\Actions\EditAccount;
use App\Actions\EndSessions;
use App\Actions\NewPassword;
use App\Actions\OpenAccount;
use App\Actions\RenewPassword;
use App\Catalog\Accounts;
use App\Http\Middleware\KnownSession;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;

/** Who may come in, and what each may do: for those with the right to release. */
final class AccountsController
{
    public function index(Accounts $accounts): View
    {
        return view('accounts.index', ['accounts' => $accounts->all()]);
    }

    public function store(Request $request, OpenAccount $action): RedirectResponse
    {
        $password = NewPassword::made();
        $account = $action->run($request->user(), $this->form($request), $password);

        return $this->to($account, "The account of {$account->name} is made.", $password);
    }

    public function show(User $account, Accounts $accounts): View
    {
        $password = session('password');

        return view('accounts.show', [
            'account' => $account,
            'notes' => $accounts->notes($account),
            'password' => is_string($password) ? Crypt::decryptString($password) : null,
        ]);
    }

    public function edit(Request $request, User $account, EditAccount $action): RedirectResponse
    {
        return $this->to($action->run($request->user(), $account->id, $this->seen($request), $this->form($request)), 'Kept.');
    }

    public function close(Request $request, User $account, CloseAccount $action): RedirectResponse
    {
        return $this->to($action->run($request->user(), $account->id, $this->seen($request)), 'The account is closed. Nobody can sign in to it, and whoever was is signed out.');
    }

    public function reopen(Request $request, User $account, CloseAccount $action): RedirectResponse
    {
        return $this->to($action->reopen($request->user(), $account->id, $this->seen($request)), 'The account is open again, with the password it had.');
    }

    public function endSessions(Request $request, User $account, EndSessions $action): RedirectResponse
    {
        return $this->to($this->goOn($request, $action->run($request->user(), $account->id)), "{$account->name} is signed out everywhere.");
    }

    public function renewPassword(Request $request, User $account, RenewPassword $action): RedirectResponse
    {
        $password = NewPassword::made();

        return $this->to($this->goOn($request, $action->run($request->user(), $account->id, $this->seen($request), $password)), "{$account->name} has a new password to begin with.", $password);
    }

    /** Whoever does this to the own account stays signed in here. */
    private function goOn(Request $request, User $account): User
    {
        if ($account->is($request->user())) {
            KnownSession::begin($request, $account);
        }

        return $account;
    }

    private function form(Request $request): AccountForm
    {
        return AccountForm::typed($request->string('name')->toString(), $request->string('email')->toString(), $request->string('right')->toString());
    }

    private function seen(Request $request): string
    {
        return $request->string('seen')->toString();
    }

    private function to(User $account, string $said, ?NewPassword $password = null): RedirectResponse
    {
        $answer = redirect()->route('accounts.show', $account)->with('said', $said);

        return $password === null ? $answer : $answer->with('password', Crypt::encryptString($password->plain));
    }
}
