<?php

declare(strict_types=1);

namespace Bench;

/** One line of the table. */
final readonly class Result
{
    public function __construct(
        public string $work,
        public string $size,
        public float $ratio,
        public float $limit,
        public string $note = '',
    ) {}

    public function holds(): bool
    {
        return $this->ratio <= $this->limit;
    }
}
