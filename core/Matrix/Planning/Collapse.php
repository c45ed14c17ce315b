<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;

/** Several SKUs, on offer or retired, that come to lie in one cell: one stays, the others retire or stay so. */
final readonly class Collapse
{
    /** @param  list<int>  $goes ids of the others */
    public function __construct(public Combination $cell, public int $stays, public array $goes) {}
}
