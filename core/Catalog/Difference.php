<?php

declare(strict_types=1);

namespace Core\Catalog;

/** One difference between two states of a product, in words. */
final readonly class Difference
{
    public function __construct(
        public Section $section,
        public string $words,
    ) {
    }
}
