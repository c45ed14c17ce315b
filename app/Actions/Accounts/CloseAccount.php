<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountTransaction;
use App\Accounts\Sessions;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Closes an account, or opens a closed one again. It is never deleted: history keeps the name of who did what. */
final class CloseAccount
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    public function run(User $by, int $accountId, string $seen): User
    {
        return $this->accounts->keep($by, $accountId, $seen, function (User $account): ?string {
            if ($account->closed_at !== null) {
                return null;
            }
            $account->closed_at = Carbon::now();
            Sessions::endAll($account);

            return "Closed the account of {$account->name}";
        });
    }

    public function reopen(User $by, int $accountId, string $seen): User
    {
        return $this->accounts->keep($by, $accountId, $seen, function (User $account): ?string {
            if ($account->closed_at === null) {
                return null;
            }
            $account->closed_at = null;

            return "Opened the account of {$account->name} again";
        });
    }
}
