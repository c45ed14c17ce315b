<?php

declare(strict_types=1);

namespace App\Intake;

use Core\Color\Srgb;

/** Which stored pictures are looked for. */
final readonly class StoredQuery
{
    /**
     * @param  string  $name  what stands somewhere in the file name
     * @param  int  $leastSide  pixels of the longer side
     * @param  ?string  $since  day since which it came, as 2026-11-25
     * @param  ?int  $after  the last picture of the page before
     */
    public function __construct(
        public string $name = '',
        public ?int $productId = null,
        public ?Srgb $color = null,
        public int $leastSide = 0,
        public ?string $since = null,
        public bool $isUnused = false,
        public ?int $after = null,
    ) {}
}
