<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;

/** A SKU that keeps its id, code, stock and photos under another combination. */
final readonly class Move
{
    public function __construct(
        public int $skuId,
        public Combination $from,
        public Combination $to,
        public bool $wasMade,
    ) {}
}
