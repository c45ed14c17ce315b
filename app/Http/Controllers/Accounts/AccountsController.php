<?php

declare(strict_types=1);

namespace App\Http\Controllers\Accounts;

use App\Accounts\Accounts;
use App\Accounts\NewPassword;
use App\Actions\Accounts\CloseAccount;
use App\Actions\Accounts\EditAccount;
use App\Actions\Accounts\EndSessions;
use App\Actions\Accounts\OpenAccount;
use App\Actions\Accounts\RenewPassword;
use App\Http\AccountRequest;
use App\Http\SignedIn;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Crypt;

/** Who may come in, and what each may do: for those with the right to release. */
final class AccountsController
{
    public function index(Accounts $accounts): View
    {
        return view('accounts.index', ['accounts' => $accounts->all()]);
    }

    public function store(AccountRequest $request, OpenAccount $action): RedirectResponse
    {
        $password = NewPassword::made();
        $account = $action->run($request->own(), $request->form(), $password);

        return $this->to(
            $account,
            __('answers.the_account_of_account_is_made', ['account' => $account->name]),
            $password,
        );
    }

    public function show(User $account, Accounts $accounts): View
    {
        $password = session('password');

        return view('accounts.show', [
            'account' => $account,
            // What can be done about its coming in: each has an address, a label and a hint of this name.
            'deeds' => $account->closed_at === null ? ['password', 'sessions', 'close'] : ['reopen'],
            'notes' => $accounts->notes($account),
            'password' => is_string($password) ? Crypt::decryptString($password) : null,
        ]);
    }

    public function edit(AccountRequest $request, User $account, EditAccount $action): RedirectResponse
    {
        return $this->to(
            $action->run($request->own(), $account->id, $request->seen(), $request->form()),
            __('answers.kept'),
        );
    }

    public function close(AccountRequest $request, User $account, CloseAccount $action): RedirectResponse
    {
        return $this->to(
            $action->run($request->own(), $account->id, $request->seen()),
            __('answers.the_account_is_closed_nobody_can'),
        );
    }

    public function reopen(AccountRequest $request, User $account, CloseAccount $action): RedirectResponse
    {
        return $this->to(
            $action->reopen($request->own(), $account->id, $request->seen()),
            __('answers.the_account_is_open_again_with'),
        );
    }

    public function endSessions(AccountRequest $request, User $account, EndSessions $action): RedirectResponse
    {
        return $this->to(
            $action->run($request->own(), $account->id, SignedIn::id($request)),
            __('answers.account_is_signed_out_everywhere', ['account' => $account->name]),
        );
    }

    public function renewPassword(AccountRequest $request, User $account, RenewPassword $action): RedirectResponse
    {
        $password = NewPassword::made();

        return $this->to(
            $action->run($request->own(), $account->id, $request->seen(), $password, SignedIn::id($request)),
            __('answers.account_has_a_new_password_to', ['account' => $account->name]),
            $password,
        );
    }

    private function to(User $account, string $said, ?NewPassword $password = null): RedirectResponse
    {
        $answer = redirect()->route('accounts.show', $account)->with('said', $said);

        return $password === null ? $answer : $answer->with('password', Crypt::encryptString($password->plain));
    }
}
