<?php

declare(strict_types=1);

namespace App\Actions\Batches;

use App\Batches\BatchItems;
use App\Batches\RunBatch;
use App\Models\Batch;
use App\Models\BatchProductState;
use App\Models\BatchState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * What can be done with a batch that was begun: stop it, let it go on, undo it, make it again, try once more what was
 * refused.
 */
final class SteerBatch
{
    public function stop(User $user, string $batchId): Batch
    {
        return $this->turn(
            $user,
            $batchId,
            fn(Batch $batch): ?BatchState => $batch->state->isAtWork() ? BatchState::Stopped : null,
            'is not at work',
        );
    }

    public function goOn(User $user, string $batchId): Batch
    {
        return $this->turn(
            $user,
            $batchId,
            fn(Batch $batch): ?BatchState => $batch->state === BatchState::Stopped ? $this->beginning($batch) : null,
            'was not stopped',
        );
    }

    /** What was changed is taken back, product by product; what somebody has changed since stands. */
    public function undo(User $user, string $batchId): Batch
    {
        return $this->turn(
            $user,
            $batchId,
            fn(Batch $batch): ?BatchState => in_array($batch->state, [BatchState::Done, BatchState::Stopped], true)
                ? BatchState::Undoing
                : null,
            'cannot be undone now',
        );
    }

    public function redo(User $user, string $batchId): Batch
    {
        return $this->turn(
            $user,
            $batchId,
            fn(Batch $batch): ?BatchState => $batch->state === BatchState::Undone ? BatchState::Redoing : null,
            'is not undone',
        );
    }

    /** The products that refused are tried again. */
    public function tryAgain(User $user, string $batchId): Batch
    {
        return $this->turn(
            $user,
            $batchId,
            function (Batch $batch): ?BatchState {
                if (!in_array($batch->state, [BatchState::Done, BatchState::Refused], true)) {
                    return null;
                }
                $again = $batch->is_whole
                    ? [BatchProductState::Refused, BatchProductState::Vetted, BatchProductState::Undone]
                    : [BatchProductState::Refused];
                BatchItems::again($batch, $again);

                return $this->beginning($batch);
            },
            'is not at its end',
        );
    }

    private function beginning(Batch $batch): BatchState
    {
        $isBegun = BatchItems::hasAny($batch, BatchProductState::Changed);

        return $batch->is_whole && !$isBegun ? BatchState::Vetting : BatchState::Running;
    }

    /** @param  callable(Batch): ?BatchState  $next  null where that cannot be done now */
    private function turn(User $user, string $batchId, callable $next, string $why): Batch
    {
        Gate::forUser($user)->authorize('edit');
        $batch = DB::transaction(function () use ($user, $batchId, $next, $why): Batch {
            $batch = Batch::query()->lockForUpdate()->findOrFail($batchId);
            if ($batch->user_id !== $user->id) {
                throw new Refusal(
                    "This was begun by {$batch->user->name}. Each undoes the own changes.",
                    RefusalKind::Impossible,
                );
            }
            $state =
                $next($batch) ??
                throw new Refusal("“{$batch->words}” {$why}: it is {$batch->state->inWords()}.", RefusalKind::Changed);
            $batch->update(['state' => $state, 'beat_at' => now(), 'ended_at' => $state->isAtWork() ? null : now()]);

            return $batch;
        });
        if ($batch->state->isAtWork()) {
            RunBatch::dispatch($batch->id)->afterCommit();
        }

        return $batch;
    }
}
