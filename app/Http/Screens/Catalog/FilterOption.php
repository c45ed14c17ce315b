<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

/** A value that a list can be narrowed to. */
final readonly class FilterOption
{
    /** @param int $products how many have it */
    public function __construct(
        public string $value,
        public string $label,
        public int $products,
        public bool $isChosen,
    ) {}
}
