<?php

declare(strict_types=1);

namespace Tests\Walk;

/** Where a walk broke a law, and what was done until then. */
final readonly class Breach
{
    /** @param  list<string>  $done each step in words */
    public function __construct(public string $law, public string $message, public int $step, public array $done) {}

    public function inWords(): string
    {
        $lines = array_map(
            fn(int $at, string $words): string => sprintf('%3d  %s', $at + 1, $words),
            array_keys($this->done),
            $this->done,
        );

        return implode("\n", [$this->message, ...$lines]);
    }
}
