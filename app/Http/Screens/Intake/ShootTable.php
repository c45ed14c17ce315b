<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Matching\Names\KnownProduct;

/** A series of a shoot as a grid: groups down, views across. */
final readonly class ShootTable
{
    /**
     * @param  int  $at  of the series, from 0
     * @param  list<?string>  $views  keys of views by place
     * @param  list<ShootRow>  $rows
     * @param  int  $nextGroup  where a new group would be
     */
    public function __construct(
        public int $at,
        public int $number,
        public ?KnownProduct $product,
        public array $views,
        public array $rows,
        public int $nextGroup,
    ) {}

    public function count(): int
    {
        return array_sum(array_map(fn(ShootRow $row): int => $row->count(), $this->rows));
    }

    /** @return int columns with the head of the rows */
    public function width(): int
    {
        return count($this->views) + 1;
    }
}
