<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountForm;
use App\Accounts\AccountTransaction;
use App\Models\User;

/** Changes the name, the address or the right of an account. */
final class EditAccount
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    public function run(User $by, int $accountId, string $seen, AccountForm $form): User
    {
        return $this->accounts->keep($by, $accountId, $seen, function (User $account) use ($form): ?string {
            $was = $account->name;
            $said = array_filter([
                $was === $form->name ? '' : "is now called {$form->name}",
                $account->email === $form->email ? '' : "signs in as {$form->email} (was {$account->email})",
                $account->right === $form->right
                    ? ''
                    : "may {$form->right->inWords()} (was: {$account->right->inWords()})",
            ]);
            $account->fill(['name' => $form->name, 'email' => $form->email, 'right' => $form->right]);

            return $said === [] ? null : "{$was} " . implode('; ', $said);
        });
    }
}
