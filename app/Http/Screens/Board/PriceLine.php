<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

/** A step by which a price comes about: what it is, what it changes, and the price from there on. */
final readonly class PriceLine
{
    public function __construct(public string $what, public string $change, public string $amount) {}
}
