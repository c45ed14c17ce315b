<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\DropFileState;

/** How many files of a drop stand how. */
final readonly class DropCounts
{
    public function __construct(
        public int $files = 0,
        public int $arriving = 0,
        public int $refused = 0,
        public int $aside = 0,
        public int $linked = 0,
        public int $cards = 0,
    ) {}

    public function with(DropFileState $state, bool $isLinked, bool $isCard, int $files): self
    {
        return new self(
            $this->files + $files,
            $this->arriving +
                (in_array($state, [DropFileState::Arriving, DropFileState::Unpacking], true) ? $files : 0),
            $this->refused + ($state === DropFileState::Refused ? $files : 0),
            $this->aside + ($state === DropFileState::Aside ? $files : 0),
            $this->linked + ($state === DropFileState::Stored && $isLinked ? $files : 0),
            $this->cards + ($state === DropFileState::Stored && !$isLinked && $isCard ? $files : 0),
        );
    }

    /** Pictures that are kept and wait to be settled; those of slate cards wait for nothing. */
    public function open(): int
    {
        return $this->files - $this->arriving - $this->refused - $this->aside - $this->linked - $this->cards;
    }

    public function isSettled(): bool
    {
        return $this->open() === 0 && $this->arriving === 0;
    }
}
