<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Color\Swatches\Swatch;

/** A value of the library. */
final readonly class SharedValue
{
    /** @param  list<string>  $words  other words for it, and its names in other languages */
    public function __construct(
        public int $id,
        public string $name,
        public string $code,
        public array $words,
        public ?Swatch $swatch,
    ) {}
}
