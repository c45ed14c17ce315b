<?php

declare(strict_types=1);

namespace App\Store;

/** Rows of a product in one table that are told apart by what they refer to, before a change and after it. */
final readonly class KeyedRows
{
    /**
     * @param string $column which refers to it
     * @param array<int, array<string, mixed>> $before by that
     * @param array<int, array<string, mixed>> $after by that
     */
    public function __construct(
        public string $table,
        public string $column,
        public int $productId,
        public array $before,
        public array $after,
    ) {}
}
