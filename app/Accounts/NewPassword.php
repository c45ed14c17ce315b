<?php

declare(strict_types=1);

namespace App\Accounts;

use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Illuminate\Support\Carbon;

/** A password that is good enough to be kept, or one made here for somebody to begin with. */
final readonly class NewPassword
{
    public const LEAST = 12;

    /** Days for which a password is good that somebody else made. */
    public const BEGINS_FOR = 7;

    /** What the hash (bcrypt) takes in; what is past it would not count. */
    private const MOST_BYTES = 72;

    /** Letters and digits that are not taken for one another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private function __construct(public string $plain, public bool $isTemporary) {}

    /** When a password made now has to be replaced; null for one that its owner chose. */
    public function until(): ?Carbon
    {
        return $this->isTemporary ? Carbon::now()->addDays(self::BEGINS_FOR) : null;
    }

    /** @throws Refusal */
    public static function typed(string $plain, string $repeated, string $name, string $email): self
    {
        if ($plain !== $repeated) {
            throw new Refusal(
                'The two passwords differ. Type the same one twice.',
                RefusalKind::Unreadable,
                'password_confirmation',
            );
        }
        if (mb_strlen($plain) < self::LEAST) {
            throw new Refusal(
                'A password has at least ' .
                    self::LEAST .
                    ' characters. A few words in a row are easy to keep in mind.',
                RefusalKind::Unreadable,
                'password',
            );
        }
        if (strlen($plain) > self::MOST_BYTES || str_contains($plain, "\0")) {
            throw new Refusal(
                'A password has at most ' . self::MOST_BYTES . ' letters, fewer with accents. Choose a shorter one.',
                RefusalKind::Unreadable,
                'password',
            );
        }
        $bare = Name::of($plain)->bare();
        $own = [
            Name::of($name)->bare(),
            Name::of($email)->bare(),
            Name::of(strstr($email, '@', true) ?: $email)->bare(),
        ];
        if (count(array_unique(mb_str_split($bare))) < 4 || in_array($bare, $own, true)) {
            throw new Refusal(
                'This password is guessed easily: it is the name, the address, or a few characters repeated. Choose another.',
                RefusalKind::Unreadable,
                'password',
            );
        }
        if (app(CommonPasswords::class)->has($plain)) {
            throw new Refusal(
                'This password is one of those that are tried first. Choose another: a few words in a row that belong to nobody.',
                RefusalKind::Unreadable,
                'password',
            );
        }

        return new self($plain, false);
    }

    /** Three groups of five, to be read out or written down; 15 × log2(31) = 74 bits. */
    public static function made(): self
    {
        $letters = array_map(fn(): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, 15));

        return new self(implode('-', array_map(implode(...), array_chunk($letters, 5))), true);
    }
}
