<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Drop;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** The frame of every Action on a drop: right, lock, one transaction, one note of who did what. */
final class DropTransaction
{
    private const LONGEST = 300;

    /** @param  callable(): string  $work  does it, and says what it did */
    public function keep(User $user, Drop $drop, callable $work): void
    {
        Gate::forUser($user)->authorize('edit');
        DB::transaction(function () use ($user, $drop, $work): void {
            // Whoever settles the same drop at once comes second, and sees what is settled.
            Drop::query()->whereKey($drop->id)->lockForUpdate()->firstOrFail();
            DB::table('drop_notes')->insert([
                'drop_id' => $drop->id,
                'user_id' => $user->id,
                'words' => mb_strimwidth($work(), 0, self::LONGEST, '…'),
                'created_at' => now(),
            ]);
        });
    }
}
