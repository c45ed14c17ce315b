<?php

declare(strict_types=1);

namespace App\Changing;

/** What became of one of many products. */
final readonly class PortionOutcome
{
    private function __construct(
        public bool $isRefused,
        public string $words,
        public ?int $historyId,
        public ?int $madeId = null,
    ) {}

    /** @param  string  $why  a sentence */
    public static function refused(string $why): self
    {
        return new self(true, $why, null);
    }

    /** @param  ?int  $historyId  the entry in its history; null where it was so already, or nothing is stored */
    public static function made(?int $historyId): self
    {
        return new self(false, '', $historyId);
    }

    /** The same of a product that was not there before. */
    public function of(int $madeId): self
    {
        return new self($this->isRefused, $this->words, $this->historyId, $madeId);
    }
}
