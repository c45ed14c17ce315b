<?php

declare(strict_types=1);

namespace App\Actions;

use App\Accounts\AccountKeeper;
use App\Models\User;

/** Signs an account out everywhere. */
final class EndSessions
{
    public function __construct(private readonly AccountKeeper $accounts)
    {
    }

    public function run(User $by, int $accountId): User
    {
        return $this->accounts->keep($by, $accountId, null, function (User $account): string {
            AccountKeeper::endSessions($account);

            return "Signed {$account->name} out everywhere";
        });
    }

    /** The session that asks for it is told the new count by its controller, and so goes on. */
    public function ofOwn(User $own): User
    {
        return $this->accounts->keepOwn($own, function (User $account): string {
            AccountKeeper::endSessions($account);

            return 'Signed out everywhere else';
        });
    }
}
