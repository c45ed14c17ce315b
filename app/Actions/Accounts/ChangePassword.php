<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountTransaction;
use App\Accounts\NewPassword;
use App\Accounts\Sessions;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Hash;

/** A person chooses another password; all other sessions end. */
final class ChangePassword
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    /**
     * @param  ?string  $session  the one that asks for it, and goes on
     *
     * @throws Refusal
     */
    public function run(User $own, string $present, NewPassword $password, ?string $session = null): User
    {
        return $this->accounts->keepOwn($own, function (User $account) use ($present, $password, $session): string {
            if (!Hash::check($present, $account->password)) {
                throw new Refusal(
                    'The present password is another. Nothing was changed.',
                    RefusalKind::Unreadable,
                    'current_password',
                );
            }
            if (Hash::check($password->plain, $account->password)) {
                throw new Refusal('This is the password you have. Choose another.', RefusalKind::Taken, 'password');
            }
            $account->fill([
                'password' => $password->plain,
                'password_is_temporary' => false,
                'password_until' => null,
            ]);
            Sessions::endAll($account, $session);

            return 'Changed the own password';
        });
    }
}
