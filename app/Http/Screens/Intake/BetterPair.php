<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Matching\Drop\DuplicateCandidate;

/** A picture of a product, and the file of a drop that can take its place. */
final readonly class BetterPair
{
    public function __construct(public DuplicateCandidate $old, public IntakeRow $row) {}

    public function isSmaller(): bool
    {
        return max($this->row->read->width, $this->row->read->height) < max($this->old->width, $this->old->height);
    }
}
