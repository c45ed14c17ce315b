<?php

declare(strict_types=1);

namespace App\Actions\Accounts;

use App\Accounts\AccountForm;
use App\Accounts\AccountTransaction;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Translations;
use DateTimeZone;

/** A person's own name, time zone, and the language that previews open in. */
final class EditOwnAccount
{
    public function __construct(private readonly AccountTransaction $accounts) {}

    /**
     * @param  string  $zone  such as "Europe/London"; nothing leaves it to the browser
     * @param  string  $language  a language tag such as "pt-BR"; nothing for names as they are
     *
     * @throws Refusal
     */
    public function run(User $own, string $name, string $zone, string $language): User
    {
        $name = AccountForm::name($name);
        if ($zone !== '' && !in_array($zone, DateTimeZone::listIdentifiers(), true)) {
            throw new Refusal(
                'This time zone is not known here. Choose one of the list.',
                RefusalKind::Unreadable,
                'zone',
            );
        }
        $language = trim($language);
        $tag =
            $language === ''
                ? null
                : Translations::canonical($language) ??
                    throw new Refusal(
                        '“' .
                            mb_strimwidth($language, 0, 30, '…') .
                            '” is no language tag. It looks like de, pt-BR or zh-Hant.',
                        RefusalKind::Unreadable,
                        'language',
                    );

        return $this->accounts->keepOwn($own, function (User $account) use ($name, $zone, $tag): ?string {
            $was = $account->name;
            $account->fill(['name' => $name, 'zone' => $zone === '' ? null : $zone, 'language' => $tag]);

            return match (true) {
                !$account->isDirty() => null,
                $was !== $name => "{$was} is now called {$name}",
                default => 'Changed the own settings',
            };
        });
    }
}
