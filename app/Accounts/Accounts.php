<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\AccountNote;
use App\Models\User;
use Illuminate\Support\Collection;

/** What the pages of accounts show. */
final class Accounts
{
    private const MOST_NOTES = 100;

    /** @return Collection<int, User> the open ones first, by name */
    public function all(): Collection
    {
        return User::query()->orderByRaw('closed_at is not null')->orderBy('name')->orderBy('id')->get();
    }

    public function withAddress(string $email): ?User
    {
        return User::query()->where('email', $email)->first();
    }

    /** @return Collection<int, AccountNote> the latest first */
    public function notes(User $account): Collection
    {
        return AccountNote::query()
            ->with('user')
            ->where('account_id', $account->id)
            ->latest('id')
            ->limit(self::MOST_NOTES)
            ->get();
    }
}
