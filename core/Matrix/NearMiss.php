<?php

declare(strict_types=1);

namespace Core\Matrix;

/** A typed value that is close to one the library has: offered, never replaced. */
final readonly class NearMiss
{
    public function __construct(
        public string $typed,
        public string $known,
    ) {
    }
}
