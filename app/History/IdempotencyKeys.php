<?php

declare(strict_types=1);

namespace App\History;

use App\Refusals\AlreadyDone;
use Illuminate\Support\Facades\DB;

/**
 * Which changes that a browser sent were kept, by their token: one whose answer was lost is sent again, and made once.
 */
final class IdempotencyKeys
{
    /** Nobody sends a change again after a day. */
    private const DAYS = 2;

    private const CHUNK = 1_000;

    /**
     * In the transaction of the change, which has locked what it changes: the one sent first has ended.
     *
     * @throws AlreadyDone
     */
    public function note(Change $change): void
    {
        if ($change->token === null) {
            return;
        }
        if (
            DB::table('changes_kept')->insertOrIgnore([
                'token' => $change->token,
                'user_id' => $change->user->id,
                'created_at' => now(),
            ]) === 0
        ) {
            throw new AlreadyDone('This change was kept when it was sent first.');
        }
    }

    /** Lets go of the old ones; at most a chunk, so that whoever asks can do other things in between. */
    public function prune(): void
    {
        DB::table('changes_kept')
            ->where('created_at', '<', now()->subDays(self::DAYS))
            ->orderBy('created_at')
            ->limit(self::CHUNK)
            ->delete();
    }
}
