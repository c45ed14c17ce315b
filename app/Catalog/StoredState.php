<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Product\Difference;

/** What storing a wanted state came to. */
final readonly class StoredState
{
    /** @param  ?PlannedChange  $planned  null where the matrix stayed as it was */
    public function __construct(
        public Difference $difference,
        public ?PlannedChange $planned,
    ) {
    }
}
