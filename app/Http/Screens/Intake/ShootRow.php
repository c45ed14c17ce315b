<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\Combination;

/** A group of a shoot as a row of its grid. */
final readonly class ShootRow
{
    /**
     * @param  int  $at  of the group in its series, from 0
     * @param  list<Axis>  $axes  of which a value is chosen for it
     * @param  list<?Swatch>  $swatches  of the values that are chosen
     * @param  list<list<ShootPicture>>  $cells  by place
     */
    public function __construct(
        public int $at,
        public int $number,
        public array $axes,
        private Combination $part,
        public array $swatches,
        public array $cells,
    ) {}

    public function isChosen(int $axisId, int $valueId): bool
    {
        return $this->part->value($axisId) === $valueId;
    }

    public function lacks(int $axisId): bool
    {
        return $this->part->value($axisId) === null;
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->cells));
    }
}
