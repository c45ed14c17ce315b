<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Matrix\Matrix;

/** A product as far as reading needs to know it. */
final readonly class KnownProduct
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public Matrix $matrix,
    ) {
    }
}
