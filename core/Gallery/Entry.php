<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Reach\Clause;

/** A placement that reaches a cell, and the clause it does so through (the narrowest of its reach there). */
final readonly class Entry
{
    public function __construct(public Placement $placement, public Clause $through, public bool $isHidden = false) {}
}
