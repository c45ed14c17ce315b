<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Hash;

/** Whether an address and a password belong together. It takes as long for an address that nobody has. */
final class SignIn
{
    /**
     * @param  ?User  $account  with the address given; null where there is none
     * @return bool whether it may come in
     *
     * @throws Refusal where the password is right but the account is closed, or the password has ended
     */
    public function run(?User $account, string $password): bool
    {
        if ($account === null) {
            Hash::make(str_replace("\0", '', $password));

            return false;
        }
        if (!Hash::check($password, $account->password)) {
            return false;
        }
        if ($account->closed_at !== null) {
            throw new Refusal(
                'This account is closed. Ask somebody who keeps the accounts to open it again.',
                RefusalKind::Impossible,
                'email',
            );
        }
        if ($account->password_is_temporary && $account->password_until?->isPast() === true) {
            throw new Refusal(
                'This password to begin with was good for a week. Ask somebody who keeps the accounts for another.',
                RefusalKind::Impossible,
                'email',
            );
        }
        User::query()
            ->whereKey($account->id)
            ->update(['signed_in_at' => now()]);

        return true;
    }
}
