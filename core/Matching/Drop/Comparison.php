<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

/** How a picture of a drop stands beside what shows the same. */
final readonly class Comparison
{
    /** @param  list<DuplicateCandidate>  $candidates  that of the same place in the product first */
    public function __construct(public DropFileStatus $status, public array $candidates) {}
}
