<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Batches\BatchedProduct;
use App\Batches\BatchList;
use App\Models\Batch;
use App\Models\BatchProductState;
use App\Models\BatchState;

/** A batch as its page draws it. */
final readonly class BatchScreen
{
    /**
     * @param  array<string, int>  $counts  state => products
     * @param  BatchProductState  $shown  the state whose products are listed
     * @param  list<BatchedProduct>  $products  one more than is shown where there are more
     */
    public function __construct(
        public Batch $batch,
        private array $counts,
        public BatchProductState $shown,
        private array $products,
        private bool $isOwn,
    ) {}

    public function stateInWords(): string
    {
        return ucfirst($this->batch->state->inWords());
    }

    public function total(): int
    {
        return array_sum($this->counts);
    }

    /** Products that it is through with, on the way it goes. */
    public function through(): int
    {
        $left = match ($this->batch->state) {
            BatchState::Vetting => $this->count(BatchProductState::Waiting),
            BatchState::Undoing => $this->count(BatchProductState::Changed),
            BatchState::Redoing => $this->count(BatchProductState::Undone),
            default => $this->count(BatchProductState::Waiting) + $this->count(BatchProductState::Vetted),
        };

        return $this->total() - $left;
    }

    public function count(BatchProductState $state): int
    {
        return $this->counts[$state->value] ?? 0;
    }

    /** @return list<BatchProductState> those that any product is in */
    public function states(): array
    {
        return array_values(
            array_filter(BatchProductState::cases(), fn(BatchProductState $state): bool => $this->count($state) > 0),
        );
    }

    /** @return list<BatchedProduct> */
    public function products(): array
    {
        return array_slice($this->products, 0, BatchList::PRODUCTS);
    }

    /** Whether the state that is listed has a reason. */
    public function saysWhy(): bool
    {
        return in_array($this->shown, [BatchProductState::Refused, BatchProductState::Stands], true);
    }

    /** The place behind which the next page begins; null on the last. */
    public function next(): ?int
    {
        return count($this->products) > BatchList::PRODUCTS ? $this->products[BatchList::PRODUCTS - 1]->position : null;
    }

    /** @return array<string, string> what can be done now: the address's last part => label */
    public function deeds(): array
    {
        if (!$this->isOwn) {
            return [];
        }
        $deeds = match (true) {
            $this->batch->state->isAtWork() => ['stop' => __('catalog.stop')],
            $this->batch->state === BatchState::Stopped => [
                'go-on' => __('catalog.go_on'),
                'undo' => __('catalog.undo_what_is_done'),
            ],
            $this->batch->state === BatchState::Done => ['undo' => __('catalog.undo_all')],
            $this->batch->state === BatchState::Undone => ['redo' => __('catalog.make_all_again')],
            default => [],
        };
        $canTryAgain =
            in_array($this->batch->state, [BatchState::Done, BatchState::Refused], true) &&
            $this->count(BatchProductState::Refused) > 0;

        return $canTryAgain ? ['again' => __('catalog.try_again_what_was_refused')] + $deeds : $deeds;
    }

    /** How long it took, or has taken so far. */
    public function took(): string
    {
        $seconds = (int) $this->batch->created_at->diffInSeconds($this->batch->ended_at ?? now());

        return $seconds < 90 ? "{$seconds} s" : __('catalog.seconds_min', ['seconds' => (int) round($seconds / 60)]);
    }
}
