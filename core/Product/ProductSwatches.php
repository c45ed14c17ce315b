<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Color\Swatches\Swatch;

/** The swatches of a product's values: the library's, and its own where its cloth differs. */
final readonly class ProductSwatches
{
    /**
     * @param  array<int, Swatch>  $shared  by value id
     * @param  array<int, Swatch>  $own  by value id
     */
    public function __construct(private array $shared, private array $own) {}

    /** What is shown for a value. */
    public function of(int $valueId): ?Swatch
    {
        return $this->own[$valueId] ?? ($this->shared[$valueId] ?? null);
    }

    /** @return array<int, Swatch> those that the product has of its own, by value id */
    public function own(): array
    {
        return $this->own;
    }

    /** @return array<int, Swatch> what is shown, by value id */
    public function all(): array
    {
        return $this->own + $this->shared;
    }
}
