<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** A product as far as reading needs to know it. */
final readonly class KnownProduct
{
    /**
     * @param  array<int, Swatch>  $swatches  of each value that has one, by value id
     * @param  list<View>  $views  of its shot list, in order
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public Matrix $matrix,
        public array $swatches = [],
        public array $views = [],
    ) {}

    /** What the product calls one of its values; empty where it has no such value. */
    public function label(int $axisId, int $valueId): string
    {
        return $this->matrix->choice(Combination::of([$axisId => $valueId]))[
            $this->matrix->axis($axisId)->name ?? ''
        ] ?? '';
    }
}
