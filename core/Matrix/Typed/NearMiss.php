<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

/** A typed value that is close to another: offered, never replaced. */
final readonly class NearMiss
{
    /**
     * @param  ?int  $knownId  the value of the library that it is close to; null where that was typed as well
     */
    public function __construct(public string $typed, public string $known, public ?int $knownId = null) {}

    /** "“Lg” is close to L, which the library has." */
    public function inWords(): string
    {
        return "“{$this->typed}” is close to {$this->known}, " .
            ($this->knownId === null ? 'which stands here too.' : 'which the library has.');
    }
}
