<?php

declare(strict_types=1);

namespace App\Batches;

use App\Catalog\Portions;
use App\Catalog\ProductLoader;
use App\History\Announcer;
use App\History\Change;
use App\History\EntryUndo;
use App\Models\Batch;
use App\Models\BatchProductState;
use App\Models\BatchState;
use App\Models\HistoryEntry;
use Core\CoreException;
use Core\Reach\Selection;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Support\Facades\DB;
use stdClass;
use Throwable;

/**
 * Works off a batch, product by product in the order of their ids. What becomes of a product is written in the
 * transaction that changes it, so that whoever goes on after a kill does nothing twice, and two that go on at once do
 * no harm.
 */
final class BatchRunner
{
    /** Products whose rows are read together at most. */
    private const AHEAD = 50;

    private const TRIES = 3;

    /** Seconds. */
    private const A_MOMENT = 1.5;

    public function __construct(
        private readonly Acts $acts,
        private readonly ProductLoader $loader,
        private readonly EntryUndo $undo,
        private readonly Announcer $announcer,
    ) {
    }

    /** Has those go on again that nobody works on: their worker died. */
    public static function takeUp(int $seconds): void
    {
        $atWork = array_filter(BatchState::cases(), fn (BatchState $state): bool => $state->isAtWork());
        foreach (Batch::query()->whereIn('state', $atWork)->where('beat_at', '<', now()->subSeconds($seconds))->pluck('id') as $id) {
            Batch::query()->whereKey($id)->update(['beat_at' => now()]);
            RunBatch::dispatch($id);
        }
    }

    /** Takes a batch as far as is gone in a moment, so that a small one is through before its page is drawn; the queue does the rest. */
    public function begin(string $batchId): void
    {
        $this->advance($batchId, self::A_MOMENT);
    }

    /**
     * @param  float  $seconds  after which it comes back
     * @return bool whether there is more to do
     */
    public function advance(string $batchId, float $seconds): bool
    {
        $end = microtime(true) + $seconds;
        $batch = Batch::with('user')->find($batchId);
        while ($batch !== null && $batch->state->isAtWork()) {
            $items = $this->next($batch);
            if ($items === []) {
                $this->turn($batch);
                $batch->refresh();

                continue;
            }
            $this->announcer->onceAfter(fn () => $this->steps($batch, $items, $end));
            Batch::query()->whereKey($batchId)->update(['beat_at' => now()]);
            $batch->refresh();
            if (microtime(true) >= $end) {
                return $batch->state->isAtWork();
            }
        }

        return false;
    }

    /** @param  list<stdClass>  $items */
    private function steps(Batch $batch, array $items, float $end): void
    {
        $way = $batch->state;
        foreach ($items as $item) {
            $this->step($batch, $item);
            if ($batch->state !== $way || microtime(true) >= $end) {
                return;
            }
        }
    }

    /** @return list<stdClass> products whose turn it is, read ahead */
    private function next(Batch $batch): array
    {
        $from = match ($batch->state) {
            BatchState::Vetting => [BatchProductState::Waiting],
            BatchState::Running => [BatchProductState::Waiting, BatchProductState::Vetted],
            BatchState::Undoing => [BatchProductState::Changed],
            default => [BatchProductState::Undone],
        };
        $items = [];
        foreach ($from as $state) {
            $items = $items === [] ? DB::table('batch_products')->where('batch_id', $batch->id)->where('state', $state->value)->orderBy('product_id')->limit(self::AHEAD)->get()->values()->all() : $items;
        }
        $items = array_slice($items, 0, count(Portions::first(array_values(array_map(fn (stdClass $item): int => $item->product_id, $items)))));
        if (in_array($batch->state, [BatchState::Vetting, BatchState::Running], true)) {
            $this->loader->readAhead(array_map(fn (stdClass $item): int => $item->product_id, $items));
        }

        return $items;
    }

    /** One way is at its end: what comes next. */
    private function turn(Batch $batch): void
    {
        $refused = DB::table('batch_products')->where('batch_id', $batch->id)->where('state', BatchProductState::Refused->value)->exists();
        $next = match ($batch->state) {
            BatchState::Vetting => $refused ? BatchState::Refused : BatchState::Running,
            // Whoever chose all or nothing gets nothing where one product refuses in the end.
            BatchState::Running => $batch->is_whole && $refused ? BatchState::Undoing : BatchState::Done,
            BatchState::Undoing => $batch->is_whole && $refused ? BatchState::Refused : BatchState::Undone,
            default => BatchState::Done,
        };
        Batch::query()->whereKey($batch->id)->where('state', $batch->state->value)->update(['state' => $next->value, 'beat_at' => now(), 'ended_at' => $next->isAtWork() ? null : now()]);
    }

    private function step(Batch $batch, stdClass $item): void
    {
        if ($batch->state === BatchState::Vetting) {
            $this->rehearse($batch, $item);

            return;
        }
        try {
            DB::transaction(function () use ($batch, $item): void {
                $this->claim($batch, $item);
                match ($batch->state) {
                    BatchState::Undoing => $this->back($batch, $item),
                    BatchState::Redoing => $this->again($batch, $item),
                    default => $this->change($batch, $item),
                };
            }, self::TRIES);
        } catch (DoneAlready) {
            // Whoever did it has noted it.
        } catch (Throwable $fault) {
            $isStanding = in_array($batch->state, [BatchState::Undoing, BatchState::Redoing], true);
            $this->note($batch, $item, $isStanding ? BatchProductState::Stands : BatchProductState::Refused, $this->why($fault), $item->history_id);
            if ($batch->is_whole && $batch->state === BatchState::Running) {
                $batch->update(['state' => BatchState::Undoing]);
            }
        }
    }

    /**
     * Waits for another worker that has this product in hand: two that redo one entry at once write its rows twice.
     *
     * @throws DoneAlready where that one has noted what became of it
     */
    private function claim(Batch $batch, stdClass $item): void
    {
        $isWaiting = DB::table('batch_products')->where('batch_id', $batch->id)->where('product_id', $item->product_id)
            ->where('state', $item->state)->lockForUpdate()->exists();
        if (! $isWaiting) {
            throw new DoneAlready();
        }
    }

    /** Looks whether it can be done, and leaves no trace. */
    private function rehearse(Batch $batch, stdClass $item): void
    {
        $why = null;
        DB::beginTransaction();
        try {
            $this->acted($batch, $item);
        } catch (Throwable $fault) {
            $why = $this->why($fault);
        } finally {
            DB::rollBack();
            $this->loader->forget();
        }
        $this->note($batch, $item, $why === null ? BatchProductState::Vetted : BatchProductState::Refused, (string) $why);
    }

    private function change(Batch $batch, stdClass $item): void
    {
        $entry = $this->acted($batch, $item);
        $this->note(
            $batch,
            $item,
            $entry === null ? BatchProductState::Same : BatchProductState::Changed,
            '',
            $entry?->id,
        );
    }

    private function acted(Batch $batch, stdClass $item): ?HistoryEntry
    {
        return $this->acts->named($batch->act)->act(Change::ofBatch($batch->user, $item->product_id, $batch->id), Selection::fromKey($item->selection), $batch->wanted);
    }

    private function back(Batch $batch, stdClass $item): void
    {
        if (HistoryEntry::query()->whereKey($item->history_id)->whereNull('undone_at')->exists()) {
            $this->undo->undoEntry(new Change($batch->user, $item->product_id), $item->history_id);
        }
        $this->note($batch, $item, BatchProductState::Undone, '', $item->history_id);
    }

    private function again(Batch $batch, stdClass $item): void
    {
        if (HistoryEntry::query()->whereKey($item->history_id)->whereNotNull('undone_at')->exists()) {
            $this->undo->redoEntry(new Change($batch->user, $item->product_id), $item->history_id);
        }
        $this->note($batch, $item, BatchProductState::Changed, '', $item->history_id);
    }

    /** What became of a product, unless another worker has noted it. */
    private function note(
        Batch $batch,
        stdClass $item,
        BatchProductState $state,
        string $words = '',
        ?int $historyId = null,
    ): void {
        DB::table('batch_products')->where('batch_id', $batch->id)->where('product_id', $item->product_id)
            ->where('state', $item->state)
            ->update([
                'state' => $state->value,
                'words' => mb_strimwidth($words, 0, 400, '…'),
                'history_id' => $historyId,
            ]);
    }

    /** Why a product was not changed. Where the database is away, nobody knows: the batch goes on later. */
    private function why(Throwable $fault): string
    {
        if ((new LostConnectionDetector())->causedByLostConnection($fault)) {
            throw $fault;
        }
        if ($fault instanceof CoreException) {
            return $fault->getMessage();
        }
        report($fault);

        return 'Something went wrong here; this product was left as it was. Try it again, and if it stays, tell whoever runs this server.';
    }
}
