<?php

declare(strict_types=1);

namespace Core\Product\Difference;

/** Something that is said of a product otherwise in two states of it. */
final readonly class DetailDifference
{
    /**
     * @param  string  $name  what it is called, as in the later state
     * @param  string  $before  in words; empty for nothing
     * @param  string  $after  in words; empty for nothing
     */
    public function __construct(public string $name, public string $before, public string $after) {}
}
