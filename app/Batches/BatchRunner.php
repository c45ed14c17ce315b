<?php

declare(strict_types=1);

namespace App\Batches;

use App\Changing\EntryUndo;
use App\Changing\Portion;
use App\Changing\PortionAct;
use App\Changing\PortionItem;
use App\Changing\PortionOutcome;
use App\History\Announcer;
use App\Models\Batch;
use App\Models\BatchProductState;
use App\Models\BatchState;
use App\Store\Products\Portions;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\CoreException;
use Core\Reach\Selection;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Support\Facades\DB;
use LogicException;
use Throwable;

/**
 * Works off a batch, product by product in their order in it. What becomes of a product is written in the
 * transaction that changes it, so that whoever goes on after a kill does nothing twice, and two that go on at once do
 * no harm.
 */
final class BatchRunner
{
    private const TRIES = 3;

    /** Seconds. */
    private const A_MOMENT = 1.5;

    /** @param  int  $atOnce  products that are read and written together at most */
    public function __construct(
        private readonly BulkOperations $operations,
        private readonly EntryUndo $undo,
        private readonly Announcer $announcer,
        private readonly Portion $portions,
        private readonly int $atOnce = 50,
    ) {}

    /** Has those go on again that nobody works on: their worker died. */
    public static function resumeAbandoned(int $seconds): void
    {
        $atWork = array_filter(BatchState::cases(), fn(BatchState $state): bool => $state->isAtWork());
        foreach (
            Batch::query()->whereIn('state', $atWork)->where('beat_at', '<', now()->subSeconds($seconds))->pluck('id')
            as $id
        ) {
            Batch::query()
                ->whereKey($id)
                ->update(['beat_at' => now()]);
            RunBatch::dispatch($id);
        }
    }

    /**
     * Takes a batch as far as is gone in a moment, so that a small one is through before its page is drawn; the queue
     * does the rest.
     */
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
            $this->announcer->onceAfter(fn() => $this->portion($batch, $items));
            Batch::query()
                ->whereKey($batchId)
                ->update(['beat_at' => now()]);
            $batch->refresh();
            if (microtime(true) >= $end) {
                return $batch->state->isAtWork();
            }
        }

        return false;
    }

    /**
     * All of them together; where that cannot be, one after the other, so that one that fails stops no other.
     *
     * @param  list<BatchItem>  $items
     */
    private function portion(Batch $batch, array $items): void
    {
        $way = $batch->state;
        try {
            match ($way) {
                BatchState::Undoing => $this->back($batch, $items),
                BatchState::Redoing => $this->again($batch, $items),
                default => $this->together($batch, $this->operations->named($batch->act), $items),
            };
        } catch (Throwable $fault) {
            if (count($items) > 1) {
                foreach ($items as $item) {
                    $this->portion($batch, [$item]);
                    if ($batch->state !== $way) {
                        return;
                    }
                }

                return;
            }
            $isStanding = in_array($way, [BatchState::Undoing, BatchState::Redoing], true);
            $why = $this->why($fault);
            $this->note($batch, $items[0], $isStanding ? BatchProductState::Stands : BatchProductState::Refused, $why);
        }
        if ($batch->is_whole && $batch->state === BatchState::Running && $this->hasRefused($batch)) {
            $batch->update(['state' => BatchState::Undoing]);
        }
    }

    /** @param  list<BatchItem>  $items */
    private function together(Batch $batch, BulkOperation $operation, array $items): void
    {
        if ($operation instanceof DoesItself) {
            $this->oneByOne($batch, $operation, $items);

            return;
        }
        $changes = $this->changes($batch, $operation, $items);
        if ($batch->state === BatchState::Vetting) {
            $this->noteAll(
                $batch,
                $this->portions->rehearse($this->portionItems($batch, $operation, $items, $changes)),
                BatchProductState::Vetted,
                BatchProductState::Vetted,
            );

            return;
        }
        try {
            DB::transaction(function () use ($batch, $operation, $changes, $items): void {
                $open = $this->claimed($batch, array_keys($changes));
                $meant = array_values(array_filter($items, fn(BatchItem $item): bool => isset($open[$item->position])));
                $act = new PortionAct($batch->user, $batch->id, $operation::class);
                $outcomes = $this->portions->write(
                    $act,
                    $this->portionItems($batch, $operation, $meant, array_intersect_key($changes, $open)),
                );
                $refused = array_filter($outcomes, fn(PortionOutcome $outcome): bool => $outcome->isRefused);
                if ($batch->is_whole && $refused !== []) {
                    throw new PortionRefused($refused);
                }
                $this->noteAll($batch, $outcomes, BatchProductState::Changed, BatchProductState::Same);
            }, self::TRIES);
        } catch (PortionRefused $refused) {
            $this->noteAll($batch, $refused->outcomes, BatchProductState::Changed, BatchProductState::Same);
        }
    }

    /** @param  list<BatchItem>  $items */
    private function oneByOne(Batch $batch, DoesItself $operation, array $items): void
    {
        foreach ($items as $item) {
            DB::transaction(function () use ($batch, $operation, $item): void {
                if ($this->claimed($batch, [$item->position]) === []) {
                    return;
                }
                try {
                    $outcome = DB::transaction(fn(): PortionOutcome => $operation->do($batch, $item));
                } catch (CoreException $refusal) {
                    $outcome = PortionOutcome::refused($refusal->getMessage());
                }
                $this->noteAll(
                    $batch,
                    [$item->position => $outcome],
                    BatchProductState::Changed,
                    BatchProductState::Same,
                );
            }, self::TRIES);
        }
    }

    /**
     * @param  list<BatchItem>  $items
     * @param  array<int, ProductChange|SkuChange>  $changes  by position
     * @return array<int, PortionItem> by position
     */
    private function portionItems(Batch $batch, BulkOperation $operation, array $items, array $changes): array
    {
        $yetToBe = array_values(array_filter($items, fn(BatchItem $item): bool => $item->productId === null));
        $details = match (true) {
            $yetToBe === [] => [],
            $operation instanceof MakesProducts => $operation->details($batch->id, $yetToBe, $changes),
            default => throw new LogicException($operation::class . ' makes no products.'),
        };
        $given = [];
        foreach ($items as $item) {
            $change = $changes[$item->position];
            $given[$item->position] = match (true) {
                $item->productId !== null => PortionItem::of($item->productId, $change),
                $change instanceof ProductChange => PortionItem::made($details[$item->position], $change),
                default => throw new LogicException('A product that is yet to be is changed as a whole.'),
            };
        }

        return $given;
    }

    /**
     * @param  list<BatchItem>  $items
     * @return array<int, ProductChange|SkuChange> by position
     */
    private function changes(Batch $batch, BulkOperation $operation, array $items): array
    {
        $selections = array_column($items, 'selection', 'position');

        return match (true) {
            $operation instanceof SameForEach => array_map(
                fn(string $key): ProductChange|SkuChange => $operation->change(
                    Selection::fromKey($key),
                    $batch->wanted,
                ),
                $selections,
            ),
            $operation instanceof OwnForEach => $operation->changes($batch->id, $items),
            default => throw new LogicException($operation::class . ' does not say what it does.'),
        };
    }

    /**
     * Those that no other worker has done meanwhile; whoever has them in hand is waited for.
     *
     * @param  list<int>  $positions
     * @return array<int, true> by position
     */
    private function claimed(Batch $batch, array $positions): array
    {
        $open = [BatchProductState::Waiting->value, BatchProductState::Vetted->value];
        $ids = DB::table('batch_products')
            ->where('batch_id', $batch->id)
            ->whereIn('position', $positions)
            ->whereIn('state', $open)
            ->orderBy('position')
            ->lockForUpdate()
            ->pluck('position')
            ->all();

        return array_fill_keys($ids, true);
    }

    /** @param  array<int, PortionOutcome>  $outcomes  by position */
    private function noteAll(Batch $batch, array $outcomes, BatchProductState $otherwise, BatchProductState $same): void
    {
        $byState = [];
        foreach ($outcomes as $id => $outcome) {
            $state = match (true) {
                $outcome->isRefused => BatchProductState::Refused,
                $outcome->historyId === null => $same,
                default => $otherwise,
            };
            $byState[$state->value][$id] = $outcome;
        }
        foreach ($byState as $state => $alike) {
            $words = $history = $product = '';
            foreach ($alike as $at => $outcome) {
                $words .= " when {$at} then " . DB::getPdo()->quote(mb_strimwidth($outcome->words, 0, 400, '…'));
                $history .= " when {$at} then " . ($outcome->historyId ?? 'null');
                $product .= $outcome->madeId === null ? '' : " when {$at} then {$outcome->madeId}";
            }
            DB::table('batch_products')
                ->where('batch_id', $batch->id)
                ->whereIn('position', array_keys($alike))
                ->update(
                    [
                        'state' => $state,
                        'words' => DB::raw("case position{$words} end"),
                        'history_id' => DB::raw("case position{$history} end"),
                    ] +
                        ($product === ''
                            ? []
                            : ['product_id' => DB::raw("case position{$product} else product_id end")]),
                );
        }
    }

    private function hasRefused(Batch $batch): bool
    {
        return DB::table('batch_products')
            ->where('batch_id', $batch->id)
            ->where('state', BatchProductState::Refused->value)
            ->exists();
    }

    /** @return list<BatchItem> those whose turn it is */
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
            $items =
                $items === []
                    ? DB::table('batch_products')
                        ->where('batch_id', $batch->id)
                        ->where('state', $state->value)
                        ->orderBy('position')
                        ->limit($this->atOnce)
                        ->get()
                        ->map(BatchItem::of(...))
                        ->values()
                        ->all()
                    : $items;
        }

        $items = array_values($items);

        return array_slice($items, 0, Portions::fitting($this->sizes($batch, $items)));
    }

    /**
     * @param  list<BatchItem>  $items
     * @return list<int> SKUs of each, about
     */
    private function sizes(Batch $batch, array $items): array
    {
        $operation = $this->operations->named($batch->act);
        $yetToBe = array_values(array_filter($items, fn(BatchItem $item): bool => $item->productId === null));
        $made = $yetToBe !== [] && $operation instanceof MakesProducts ? $operation->sizes($batch->id, $yetToBe) : [];
        $skus = Portions::skus(
            array_values(array_filter(array_map(fn(BatchItem $item): ?int => $item->productId, $items))),
        );

        return array_map(
            fn(BatchItem $item): int => $skus[$item->productId ?? 0] ?? ($made[$item->position] ?? 0),
            $items,
        );
    }

    /** One way is at its end: what comes next. */
    private function turn(Batch $batch): void
    {
        $refused = $this->hasRefused($batch);
        $next = match ($batch->state) {
            BatchState::Vetting => $refused ? BatchState::Refused : BatchState::Running,
            // Whoever chose all or nothing gets nothing where one product refuses in the end.
            BatchState::Running => $batch->is_whole && $refused ? BatchState::Undoing : BatchState::Done,
            BatchState::Undoing => $batch->is_whole && $refused ? BatchState::Refused : BatchState::Undone,
            default => BatchState::Done,
        };
        Batch::query()
            ->whereKey($batch->id)
            ->where('state', $batch->state->value)
            ->update(['state' => $next->value, 'beat_at' => now(), 'ended_at' => $next->isAtWork() ? null : now()]);
        if (!$next->isAtWork()) {
            event(new BatchEnded($batch->id));
        }
    }

    /** @param  list<BatchItem>  $items */
    private function back(Batch $batch, array $items): void
    {
        $this->turned($batch, $items, 'undo', BatchProductState::Undone);
    }

    /** @param  list<BatchItem>  $items */
    private function again(Batch $batch, array $items): void
    {
        $this->turned($batch, $items, 'redo', BatchProductState::Changed);
    }

    /**
     * Waits for another worker that has these products in hand: two that redo one entry at once write its rows twice.
     *
     * @param  list<BatchItem>  $items
     */
    private function turned(Batch $batch, array $items, string $way, BatchProductState $into): void
    {
        DB::transaction(function () use ($batch, $items, $way, $into): void {
            $history = array_column($items, 'historyId', 'position');
            $open = DB::table('batch_products')
                ->where('batch_id', $batch->id)
                ->whereIn('position', array_keys($history))
                ->where('state', $items[0]->state->value)
                ->orderBy('position')
                ->lockForUpdate()
                ->pluck('position')
                ->all();
            $meant = array_intersect_key($history, array_flip($open));
            $this->undo->batch($batch->user, $way, array_values(array_filter($meant)));
            $this->noteAll(
                $batch,
                array_map(fn(?int $id): PortionOutcome => PortionOutcome::made($id), $meant),
                $into,
                $into,
            );
        }, self::TRIES);
    }

    /** Why a product was left as it is, unless another worker has noted what became of it. */
    private function note(Batch $batch, BatchItem $item, BatchProductState $state, string $why): void
    {
        DB::table('batch_products')
            ->where('batch_id', $batch->id)
            ->where('position', $item->position)
            ->where('state', $item->state->value)
            ->update(['state' => $state->value, 'words' => mb_strimwidth($why, 0, 400, '…')]);
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
