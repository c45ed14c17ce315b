<?php

declare(strict_types=1);

namespace App\Intake;

/** How many files of a drop stand how. */
final readonly class DropCounts
{
    public function __construct(
        public int $files = 0,
        public int $arriving = 0,
        public int $refused = 0,
        public int $aside = 0,
        public int $linked = 0,
    ) {
    }

    /** Pictures that are kept and wait to be settled. */
    public function open(): int
    {
        return $this->files - $this->arriving - $this->refused - $this->aside - $this->linked;
    }

    public function isSettled(): bool
    {
        return $this->open() === 0 && $this->arriving === 0;
    }
}
