<?php

declare(strict_types=1);

namespace Core\Codes;

/** A SKU that cannot have the code that is made of its values. */
final readonly class CodeClash
{
    /**
     * @param  string  $wanted  the code of its values; of a second SKU that wants it "CODE (2)"
     * @param  string  $tried  the code that was chosen in its place, or the same
     * @param  string  $place  where it would lie, in words
     * @param  ?string  $owner  what has the code, in words; null where the code is too long
     * @param  string  $proposal  one that is free
     * @param  int  $longest  characters that a code can have
     * @param  string  $cause  which values make the same code, and what to do, in a sentence; empty where the owner
     *   says all
     */
    public function __construct(
        public string $wanted,
        public string $tried,
        public string $place,
        public ?string $owner,
        public string $proposal,
        public int $longest = SkuCodes::LONGEST,
        public string $cause = '',
    ) {}

    /** What is in the way, in a sentence or two. */
    public function inWords(): string
    {
        $what =
            $this->owner === null
                ? "“{$this->tried}” for {$this->place} is longer than {$this->longest} characters."
                : "“{$this->tried}” for {$this->place} is the code of {$this->owner} already.";

        return trim("{$what} {$this->cause}");
    }
}
