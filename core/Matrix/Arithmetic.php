<?php

declare(strict_types=1);

namespace Core\Matrix;

/** The product of sizes, said as arithmetic: "5 sizes × 4 colors = 20 cells − 3 left out = 17 SKUs". */
final readonly class Arithmetic
{
    /** @param  list<Factor>  $factors */
    private function __construct(public array $factors, public int $cells, public int $leftOut) {}

    /** Counts the cells of a matrix, and those left out. */
    public static function of(Matrix $matrix): self
    {
        return new self(
            array_map(fn(Axis $axis): Factor => new Factor($axis->count(), $axis->name), $matrix->axes),
            $matrix->cellCount(),
            $matrix->cellCount() - count($matrix->offered()),
        );
    }

    /** How many cells are on offer. */
    public function skus(): int
    {
        return $this->cells - $this->leftOut;
    }

    /** "5 sizes × 4 colors = 20 cells − 3 left out = 17 SKUs" */
    public function inWords(): string
    {
        $left = implode(' × ', array_map(fn(Factor $factor): string => $factor->inWords(), $this->factors));
        $skus = number_format($this->skus()) . ($this->skus() === 1 ? ' SKU' : ' SKUs');
        if ($left === '') {
            return "No axes: {$skus}";
        }
        if ($this->leftOut === 0) {
            return "{$left} = {$skus}";
        }

        return sprintf(
            '%s = %s cells − %s left out = %s',
            $left,
            number_format($this->cells),
            number_format($this->leftOut),
            $skus,
        );
    }
}
