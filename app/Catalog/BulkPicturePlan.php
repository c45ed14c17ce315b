<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Reach\Reach;

/** What a bulk act on a picture changes of one product. */
final readonly class BulkPicturePlan
{
    /**
     * @param  array<int, array<string, int|string|null>>  $updates  columns by placement id
     * @param  ?array<string, mixed>  $added  a placement that comes in
     */
    public function __construct(
        public array $updates,
        public ?array $added,
        public Reach $part,
    ) {
    }
}
