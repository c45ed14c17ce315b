<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\Srgb;
use Core\Matrix\Matrix;

/** A product as far as reading needs to know it. */
final readonly class KnownProduct
{
    /** @param  array<int, Srgb>  $swatches  the color of each value that has one, by value id */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public Matrix $matrix,
        public array $swatches = [],
    ) {
    }
}
