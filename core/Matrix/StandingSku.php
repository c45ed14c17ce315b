<?php

declare(strict_types=1);

namespace Core\Matrix;

/** A SKU as it stands before a change, with what the plan says of it. */
final readonly class StandingSku
{
    public function __construct(
        public int $id,
        public Combination $cell,
        public SkuState $state,
        public int $stock = 0,
    ) {
    }
}
