<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\BatchProductState;
use stdClass;

/** A product of a batch, or one that the batch is to make, at its place in it. */
final readonly class BatchItem
{
    /**
     * @param  int  $position  its place in the batch, from 1
     * @param  ?int  $productId  null where the product is yet to be
     * @param  string  $selection  which part of it is meant, as a selection's key
     * @param  ?int  $historyId  what was done to it, in its history
     */
    public function __construct(
        public int $position,
        public ?int $productId,
        public BatchProductState $state,
        public string $selection = '*',
        public ?int $historyId = null,
    ) {}

    public static function of(stdClass $row): self
    {
        return new self(
            (int) $row->position,
            $row->product_id,
            BatchProductState::from($row->state),
            $row->selection,
            $row->history_id,
        );
    }
}
