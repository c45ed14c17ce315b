<?php

declare(strict_types=1);

namespace App\Batches;

/** A product of a batch. */
final readonly class BatchedProduct
{
    /**
     * @param  int  $position  its place in the batch
     * @param  ?string  $code  null where it was not made
     * @param  string  $why  what refused it, or keeps it as it is; empty for nothing
     */
    public function __construct(public int $position, public ?string $code, public string $name, public string $why) {}
}
