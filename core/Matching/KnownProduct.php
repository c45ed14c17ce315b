<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\Srgb;
use Core\Matrix\Matrix;

/** A product as far as reading needs to know it. */
final readonly class KnownProduct
{
    /** @param  array<int, non-empty-list<Srgb>>  $swatches  the colors of each value that has any, by value id */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public Matrix $matrix,
        public array $swatches = [],
    ) {
    }
}
