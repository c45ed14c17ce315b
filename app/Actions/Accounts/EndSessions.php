<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountTransaction;
use App\Accounts\Sessions;
use App\Models\User;

/** Signs an account out everywhere. */
final class EndSessions
{
    public function __construct(private readonly AccountTransaction $accounts, private readonly Sessions $sessions) {}

    /** @param  ?string  $session  the one that asks for it, and goes on where the account is the own one */
    public function run(User $by, int $accountId, ?string $session = null): User
    {
        return $this->accounts->keep($by, $accountId, null, function (User $account) use ($session): string {
            Sessions::endAll($account, $session);

            return "Signed {$account->name} out everywhere";
        });
    }

    /** @param  string  $session  the one that asks for it, and goes on */
    public function ofOwn(User $own, string $session): User
    {
        return $this->accounts->keepOwn($own, function (User $account) use ($session): string {
            Sessions::endAll($account, $session);

            return 'Signed out everywhere else';
        });
    }

    public function one(User $own, string $session): User
    {
        return $this->accounts->keepOwn($own, function (User $account) use ($session): string {
            $this->sessions->end($account, $session);

            return 'Signed out in one browser';
        });
    }
}
