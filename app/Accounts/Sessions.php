<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\AccountSession;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Where an account is signed in: each browser by itself, and how each comes to its end. */
final class Sessions
{
    /** Days for which a browser is remembered that was asked to be. */
    public const REMEMBERED_DAYS = 30;

    /** Minutes after which a session of a browser that is not remembered ends of itself. */
    private const IDLE_MINUTES = 600;

    /** Days for which ended ones are kept. */
    private const KEPT_DAYS = 60;

    /** @param  ?string  $token  by which the browser is remembered; null where it is not to be */
    public function begin(User $account, string $browser, string $address, ?string $token = null): AccountSession
    {
        return AccountSession::query()->create([
            'user_id' => $account->id,
            'browser' => mb_substr(mb_scrub($browser, 'UTF-8'), 0, 200),
            'address' => mb_substr($address, 0, 45),
            'token_hash' => $token === null ? null : hash('sha256', $token),
            'created_at' => now(),
            'seen_at' => now(),
            'remembered_until' => $token === null ? null : now()->addDays(self::REMEMBERED_DAYS),
        ]);
    }

    /** The session, if it goes on; that it was seen is noted. Null where it has ended, or is another's. */
    public function alive(string $id, User $account, string $address): ?AccountSession
    {
        $session = AccountSession::query()->find($id);
        if ($session === null || $session->user_id !== $account->id || $session->ended_at !== null) {
            return null;
        }
        $session->update(['seen_at' => now(), 'address' => mb_substr($address, 0, 45)]);

        return $session;
    }

    /** The session of a browser that comes back by its token; null where that is over. */
    public function remembered(string $id, string $token): ?AccountSession
    {
        $session = AccountSession::query()->find($id);
        $isSame = $session?->token_hash !== null && hash_equals($session->token_hash, hash('sha256', $token));

        return $isSame && $session->ended_at === null && $session->remembered_until?->isFuture() === true
            ? $session
            : null;
    }

    /** @return Collection<int, AccountSession> those that go on, the last seen first */
    public function of(User $account): Collection
    {
        $idle = now()->subMinutes(self::IDLE_MINUTES);

        return AccountSession::query()
            ->where('user_id', $account->id)
            ->whereNull('ended_at')
            ->where(fn($going) => $going->where('seen_at', '>', $idle)->orWhere('remembered_until', '>', now()))
            ->latest('seen_at')
            ->get();
    }

    /** Ends one of an account's sessions; the account has to be saved after. */
    public function end(User $account, string $id): void
    {
        self::ending($account)
            ->whereKey($id)
            ->update(['ended_at' => now()]);
    }

    /**
     * Ends all of an account's sessions; the account has to be saved after.
     *
     * @param  ?string  $except  the session that asks for it, and goes on
     */
    public static function endAll(User $account, ?string $except = null): void
    {
        self::ending($account)
            ->when($except !== null, fn(Builder $others) => $others->where('id', '<>', $except))
            ->update(['ended_at' => now()]);
    }

    /** Tells the other sessions of an account to look whether they go on. */
    public function keep(User $account): void
    {
        User::query()->whereKey($account->id)->increment('sessions_ended');
    }

    /** The account that a browser that comes back belongs to; null where that is closed. */
    public function accountOf(AccountSession $session): ?User
    {
        return User::query()->whereNull('closed_at')->find($session->user_id);
    }

    /**
     * Each session that goes on looks whether it is meant.
     *
     * @return Builder<AccountSession>
     */
    private static function ending(User $account): Builder
    {
        $account->sessions_ended++;

        return AccountSession::query()->where('user_id', $account->id)->whereNull('ended_at');
    }

    /** Lets go of those that were not seen for long. */
    public function prune(): void
    {
        AccountSession::query()->where('seen_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }
}
