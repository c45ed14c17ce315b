<?php

declare(strict_types=1);

namespace Core\Matrix;

/** Several made SKUs that come to lie in one cell: one stays, the others retire. */
final readonly class Collapse
{
    /** @param  list<int>  $goes ids of the SKUs that retire */
    public function __construct(
        public Combination $cell,
        public int $stays,
        public array $goes,
    ) {
    }
}
