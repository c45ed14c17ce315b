<?php

declare(strict_types=1);

namespace App\Actions\Batches;

use App\Batches\BatchItems;
use App\Batches\BulkOperations;
use App\Batches\RunBatch;
use App\Models\Batch;
use App\Models\BatchState;
use App\Models\User;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** Begins one act on many products. The queue works it off; each product has its own entry in its history. */
final class StartBatch
{
    public function __construct(private readonly BulkOperations $operations) {}

    /**
     * @param  array<string, ?string>  $wanted  what the act is given, as typed
     * @param  iterable<int>  $productIds
     * @param  bool  $isWhole  all or nothing; else as far as possible
     * @param  Selection  $where  the part of each product that is meant
     *
     * @throws Refusal
     */
    public function run(
        User $user,
        string $act,
        array $wanted,
        iterable $productIds,
        bool $isWhole,
        Selection $where,
    ): Batch {
        Gate::forUser($user)->authorize('edit');
        $words = $this->operations->named($act)->inWords($wanted);
        $batch = DB::transaction(function () use ($user, $act, $wanted, $productIds, $isWhole, $where, $words): Batch {
            $batch = Batch::query()->create([
                'id' => (string) Str::ulid(),
                'user_id' => $user->id,
                'act' => $act,
                'wanted' => $wanted,
                'words' => $words,
                'is_whole' => $isWhole,
                'state' => $isWhole ? BatchState::Vetting : BatchState::Running,
                'created_at' => now(),
                'beat_at' => now(),
            ]);
            if (BatchItems::add($batch, $productIds, $where) === 0) {
                throw new Refusal('No product is meant. Take back a filter first.', RefusalKind::Missing);
            }

            return $batch;
        });
        RunBatch::dispatch($batch->id)->afterCommit();

        return $batch;
    }
}
