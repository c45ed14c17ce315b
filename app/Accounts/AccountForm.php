<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Right;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Normalizer;

/** An account as a person typed it. */
final readonly class AccountForm
{
    private const MOST_NAME = 80;

    private const MOST_ADDRESS = 190;

    private function __construct(public string $name, public string $email, public Right $right) {}

    /** @throws Refusal */
    public static function typed(string $name, string $email, string $right): self
    {
        $address = mb_strtolower((string) Normalizer::normalize(mb_scrub(trim($email), 'UTF-8'), Normalizer::FORM_C));
        if (
            strlen($address) > self::MOST_ADDRESS ||
            filter_var($address, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false
        ) {
            throw new Refusal(
                '“' . mb_strimwidth($address, 0, 60, '…') . '” is no email address. It looks like name@shop.example.',
                RefusalKind::Unreadable,
                'email',
            );
        }

        return new self(
            self::name($name),
            $address,
            Right::tryFrom($right) ??
                throw new Refusal(
                    'Choose what the account may do: look, edit, or edit and release.',
                    RefusalKind::Missing,
                    'right',
                ),
        );
    }

    /** @throws Refusal */
    public static function name(string $typed): string
    {
        $name = Name::of($typed);
        if ($name->isEmpty() || $name->isLongerThan(self::MOST_NAME)) {
            throw new Refusal('A name has 1 to ' . self::MOST_NAME . ' characters.', RefusalKind::Unreadable, 'name');
        }

        return $name->shown;
    }
}
