<?php

declare(strict_types=1);

namespace App\Actions;

use App\Accounts\AccountKeeper;
use App\Accounts\NewPassword;
use App\Models\User;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Illuminate\Support\Facades\Hash;

/** A person chooses another password; all other sessions end. */
final class ChangePassword
{
    public function __construct(private readonly AccountKeeper $accounts)
    {
    }

    public function run(User $own, string $present, NewPassword $password): User
    {
        return $this->accounts->keepOwn($own, function (User $account) use ($present, $password): string {
            if (! Hash::check($present, $account->password)) {
                throw new Refused('The present password is another. Nothing was changed.', Kind::Unreadable, 'current_password');
            }
            if (Hash::check($password->plain, $account->password)) {
                throw new Refused('This is the password you have. Choose another.', Kind::Taken, 'password');
            }
            $account->fill(['password' => $password->plain, 'password_is_temporary' => false]);
            AccountKeeper::endSessions($account);

            return 'Changed the own password';
        });
    }
}
