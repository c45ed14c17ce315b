<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Reach\Selection;

/** What is to be done with many products. */
final readonly class BatchOrder
{
    /**
     * @param string $act name of a bulk operation
     * @param array<string, ?string> $wanted what it is given, as typed
     * @param Selection $where the part of each product that is meant
     */
    public function __construct(
        public string $act,
        public array $wanted,
        public BatchMode $mode,
        public Selection $where,
    ) {}
}
