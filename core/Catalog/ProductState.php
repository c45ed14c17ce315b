<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Gallery\Placement;
use Core\Matrix\Matrix;

/** A product at one point of its history. */
final readonly class ProductState
{
    /**
     * @param  array<int, ComparedSku>  $skus  by id
     * @param  array<int, Placement>  $placements  by id, in the one order
     * @param  array<string, string>  $details  what it is called => what it says
     */
    public function __construct(
        public Matrix $matrix,
        public array $skus,
        public array $placements,
        public array $details,
    ) {
    }
}
