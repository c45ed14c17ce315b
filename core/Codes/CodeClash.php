<?php

declare(strict_types=1);

namespace Core\Codes;

/** A SKU that would be made, and cannot have the code that is made of its values. */
final readonly class CodeClash
{
    /**
     * @param  string  $wanted  the code of its values
     * @param  string  $tried  the code that was chosen in its place, or the same
     * @param  string  $place  where it would lie, in words
     * @param  ?string  $owner  what has the code, in words; null where the code is too long
     * @param  string  $proposal  one that is free
     */
    public function __construct(
        public string $wanted,
        public string $tried,
        public string $place,
        public ?string $owner,
        public string $proposal,
    ) {
    }

    /** What is in the way, in a sentence. */
    public function inWords(): string
    {
        return $this->owner === null
            ? "“{$this->tried}” for {$this->place} is longer than ".SkuCodes::LONGEST.' characters.'
            : "“{$this->tried}” for {$this->place} is the code of {$this->owner} already.";
    }
}
