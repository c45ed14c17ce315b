<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Product\ProductState;

/** A product as it is after a change, and what was done to it. */
final readonly class Changed
{
    /** @param  string  $words  for its history: "Weight of Moss, all sizes set to 350 g (was not weighed)" */
    public function __construct(public ProductState $state, public string $words) {}
}
