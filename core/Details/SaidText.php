<?php

declare(strict_types=1);

namespace Core\Details;

/** One thing that is said, in words. */
final readonly class SaidText
{
    /**
     * @param  string  $name  what it is called and of which part it is said: "Cost, Moss"
     * @param  string  $words  all that is kept of it; empty for nothing
     */
    public function __construct(public string $name, public string $words) {}
}
