<?php

declare(strict_types=1);

namespace App\Actions\Batches;

use App\Batches\BatchItems;
use App\Batches\BatchOrder;
use App\Batches\BulkOperations;
use App\Batches\RunBatch;
use App\Models\Batch;
use App\Models\BatchState;
use App\Models\User;
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
     * @param  iterable<int|string>  $products  ids; of one that is yet to be what it is called
     *
     * @throws Refusal
     */
    public function run(User $user, BatchOrder $order, iterable $products): Batch
    {
        Gate::forUser($user)->authorize('edit');
        $words = $this->operations->named($order->act)->inWords($order->wanted);
        $batch = DB::transaction(function () use ($user, $order, $products, $words): Batch {
            $batch = Batch::query()->create([
                'id' => (string) Str::ulid(),
                'user_id' => $user->id,
                'act' => $order->act,
                'wanted' => $order->wanted,
                'words' => $words,
                'is_whole' => $order->mode->isWhole(),
                'state' => $order->mode->isWhole() ? BatchState::Vetting : BatchState::Running,
                'created_at' => now(),
                'beat_at' => now(),
            ]);
            if (BatchItems::add($batch, $products, $order->where) === 0) {
                throw new Refusal('No product is meant. Take back a filter first.', RefusalKind::Missing);
            }

            return $batch;
        });
        RunBatch::dispatch($batch->id)->afterCommit();

        return $batch;
    }
}
