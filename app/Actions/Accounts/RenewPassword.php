<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountTransaction;
use App\Accounts\NewPassword;
use App\Accounts\Sessions;
use App\Models\User;

/** Gives an account whose password was forgotten another to begin with. */
final class RenewPassword
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    /** @param  ?string  $session  the one that asks for it, and goes on where the account is the own one */
    public function run(User $by, int $accountId, string $seen, NewPassword $password, ?string $session = null): User
    {
        return $this->accounts->keep($by, $accountId, $seen, function (User $account) use (
            $password,
            $session,
        ): string {
            $account->fill([
                'password' => $password->plain,
                'password_is_temporary' => $password->isTemporary,
                'password_until' => $password->until(),
            ]);
            Sessions::endAll($account, $session);

            return "Gave {$account->name} a new password to begin with, and signed {$account->name} out everywhere";
        });
    }
}
