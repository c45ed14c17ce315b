<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\AccountForm;
use App\Accounts\NewPassword;
use App\Actions\Accounts\OpenAccount;
use App\Console\GivenTexts;
use App\Models\Right;
use App\Models\User;
use Core\Refusal;
use Illuminate\Console\Command;

final class AccountCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:account {--name=} {--email=} {--right=release : view, edit or release} {--first : Only where there is no account yet}';

    protected $description = 'Makes an account; what is not given is asked for, the password always';

    public function handle(OpenAccount $action): int
    {
        if ($this->option('first') && User::query()->exists()) {
            return self::SUCCESS;
        }
        try {
            $form = AccountForm::typed(
                $this->given('name', 'Name'),
                $this->given('email', 'Email address'),
                (string) $this->optional('right'),
            );
            $password = NewPassword::typed(
                (string) $this->secret('Password (at least ' . NewPassword::LEAST . ' characters)'),
                (string) $this->secret('The same again'),
                $form->name,
                $form->email,
            );
            $account = $action->run(null, $form, $password);
        } catch (Refusal $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info("{$account->name} can sign in as {$account->email} and may {$account->right->inWords()}.");
        if ($account->right !== Right::Release) {
            $this->line('Accounts are kept by those who may release.');
        }

        return self::SUCCESS;
    }

    private function given(string $option, string $question): string
    {
        return $this->optional($option) ?? (string) $this->ask($question);
    }
}
