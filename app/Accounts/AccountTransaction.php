<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\AccountNote;
use App\Models\Right;
use App\Models\User;
use Closure;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * The frame of every Action on an account: right, lock, one transaction, one note. Accounts are no part of the
 * catalog, so its undo does not touch them; each act has its opposite.
 */
final class AccountTransaction
{
    private const TRIES = 3;

    /**
     * An act on another's account, by somebody with the right to release.
     *
     * @param  ?string  $seen  what the page showed of it
     * @param  Closure(User): ?string  $work  changes the account it is given; returns what happened in words, or null
     *   for nothing
     */
    public function keep(User $by, int $accountId, ?string $seen, Closure $work): User
    {
        Gate::forUser($by)->authorize('release');

        return $this->written($by, $accountId, $seen, $work);
    }

    /**
     * What a person does to the own account.
     *
     * @param  Closure(User): ?string  $work
     */
    public function keepOwn(User $own, Closure $work): User
    {
        return $this->written($own, $own->id, null, $work);
    }

    /**
     * @param  ?User  $by  null on the command line
     * @param  array<string, mixed>  $row
     */
    public function add(?User $by, array $row, string $words): User
    {
        if ($by !== null) {
            Gate::forUser($by)->authorize('release');
        }

        return $this->unlessTaken(
            (string) $row['email'],
            fn(): User => DB::transaction(function () use ($by, $row, $words): User {
                $account = User::query()->create($row);
                $this->note($by, $account, $words);

                return $account->refresh();
            }, self::TRIES),
        );
    }

    /** @param  Closure(User): ?string  $work */
    private function written(User $by, int $accountId, ?string $seen, Closure $work): User
    {
        return $this->unlessTaken(
            '',
            fn(): User => DB::transaction(function () use ($by, $accountId, $seen, $work): User {
                // Those who may release are locked as well, so that no two of them take the right from each other.
                $locked = User::query()
                    ->where('id', $accountId)
                    ->orWhere('right', Right::Release)
                    ->orderBy('id')
                    ->lockForUpdate()
                    ->get()
                    ->keyBy('id');
                $account =
                    $locked->get($accountId) ??
                    throw new Refusal('This account is not there. Load the page again.', RefusalKind::Gone);
                if ($seen !== null && $account->seen() !== $seen) {
                    throw new Refusal(
                        "The account of {$account->name} was changed meanwhile. Nothing was kept; look at it as it is now.",
                        RefusalKind::Changed,
                    );
                }
                $couldRelease = self::mayRelease($account);
                $words = $work($account);
                if ($words !== null) {
                    $others = $locked->filter(
                        fn(User $other): bool => $other->id !== $account->id && self::mayRelease($other),
                    );
                    if ($couldRelease && $others->isEmpty() && !self::mayRelease($account)) {
                        throw new Refusal(
                            "{$account->name} is the only one who may release and keep accounts. Give somebody else that right first.",
                            RefusalKind::Impossible,
                            'right',
                        );
                    }
                    $account->save();
                    $this->note($by, $account, $words);
                }

                return $account;
            }, self::TRIES),
        );
    }

    private static function mayRelease(User $account): bool
    {
        return $account->closed_at === null && $account->right === Right::Release;
    }

    /** @param  Closure(): User  $work */
    private function unlessTaken(string $address, Closure $work): User
    {
        try {
            return $work();
        } catch (UniqueConstraintViolationException) {
            throw new Refusal(
                $address === ''
                    ? 'Another account has this address. Choose another.'
                    : "There is an account with the address {$address}, or with one that differs in accents only. Choose another, or open that one again.",
                RefusalKind::Taken,
                'email',
            );
        }
    }

    private function note(?User $by, User $account, string $words): void
    {
        AccountNote::query()->create([
            'account_id' => $account->id,
            'user_id' => $by?->id,
            'words' => mb_strimwidth($words, 0, 400, '…'),
            'created_at' => now(),
        ]);
    }
}
