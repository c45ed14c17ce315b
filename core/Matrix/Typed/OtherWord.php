<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

/** A value that was typed under another word for it: a synonym or a translation. */
final readonly class OtherWord
{
    public function __construct(public string $typed, public string $known) {}

    /** The value that it was read as. */
    public function known(): string
    {
        return $this->known;
    }

    /** Which word was read as which value. */
    public function inWords(): string
    {
        return "“{$this->typed}” is another word for {$this->known}.";
    }
}
