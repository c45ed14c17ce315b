<?php

declare(strict_types=1);

namespace App\Store\Words;

/** A word of a sender, and what it was taught to mean: a value, a view, or nothing. */
final readonly class SenderWord
{
    /** @param  string  $sender  empty where it is anybody's */
    public function __construct(
        public int $id,
        public string $sender,
        public string $word,
        public ?int $valueId,
        public ?string $view,
    ) {}
}
