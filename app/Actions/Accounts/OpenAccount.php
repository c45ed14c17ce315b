<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountForm;
use App\Accounts\AccountTransaction;
use App\Accounts\NewPassword;
use App\Models\User;

/** Makes an account. */
final class OpenAccount
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    /** @param  ?User  $by  null on the command line */
    public function run(?User $by, AccountForm $form, NewPassword $password): User
    {
        return $this->accounts->add(
            $by,
            [
                'name' => $form->name,
                'email' => $form->email,
                'right' => $form->right,
                'password' => $password->plain,
                'password_is_temporary' => $password->isTemporary,
                'password_until' => $password->until(),
            ],
            "Made the account of {$form->name}, who may {$form->right->inWords()}",
        );
    }
}
