<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Reach\Reach;

/**
 * All cells of a product: its axes, and which combinations are deliberately not sold.
 * No axis means a single cell.
 */
final readonly class Matrix
{
    public const MOST_AXES = 6;

    public const MOST_CELLS = 10_000;

    /** @var array<int, Axis> by axis id, in the product's order */
    private array $byId;

    /**
     * @param  list<Axis>  $axes  in the product's order
     * @param  Reach  $leftOut  the combinations left out, as rules; rules that name an axis or a
     *                          value the product does not have lie dormant
     *
     * @throws MatrixTooLarge
     */
    public function __construct(
        public array $axes,
        public Reach $leftOut,
    ) {
        $this->byId = array_combine(array_map(fn (Axis $axis): int => $axis->id, $axes), $axes);
        if (count($axes) > self::MOST_AXES) {
            throw MatrixTooLarge::axes(count($axes));
        }
        if ($this->cellCount() > self::MOST_CELLS) {
            throw MatrixTooLarge::cells($this->cellCount());
        }
    }

    /** @param  list<Axis>  $axes */
    public static function of(array $axes, ?Reach $leftOut = null): self
    {
        return new self($axes, $leftOut ?? Reach::nothing());
    }

    /** The same matrix with an axis changed, or with another in the place of one. */
    public function withAxis(Axis $axis, ?int $inPlaceOf = null): self
    {
        return new self(array_map(fn (Axis $own): Axis => $own->id === ($inPlaceOf ?? $axis->id) ? $axis : $own, $this->axes), $this->leftOut);
    }

    public function axis(int $axisId): ?Axis
    {
        return $this->byId[$axisId] ?? null;
    }

    /** The axis that has the value. */
    public function axisOf(int $valueId): ?Axis
    {
        foreach ($this->axes as $axis) {
            if ($axis->has($valueId)) {
                return $axis;
            }
        }

        return null;
    }

    /** @return list<int> in the product's order */
    public function axisIds(): array
    {
        return array_keys($this->byId);
    }

    /** The axes' sizes multiplied; 1 without axes; 0 where an axis has no values. */
    public function cellCount(): int
    {
        $count = 1;
        foreach ($this->axes as $axis) {
            $count *= $axis->count();
        }

        return $count;
    }

    /**
     * Every combination, made or not, in canonical order (axes and values by id), so that
     * whatever is computed from it does not depend on the order on screen.
     *
     * @return list<Combination>
     */
    public function combinations(): array
    {
        $axes = $this->byId;
        ksort($axes);
        /** @var list<array{array<int, int>, string}> $rows */
        $rows = [[[], '']];
        foreach ($axes as $axisId => $axis) {
            $valueIds = $axis->valueIds();
            sort($valueIds);
            $longer = [];
            foreach ($rows as [$values, $key]) {
                $stem = $key === '' ? $axisId.':' : $key.','.$axisId.':';
                foreach ($valueIds as $valueId) {
                    $values[$axisId] = $valueId;
                    $longer[] = [$values, $stem.$valueId];
                }
            }
            $rows = $longer;
        }

        return array_map(fn (array $row): Combination => Combination::ready($row[0], $row[1]), $rows);
    }

    /**
     * The combinations that are not left out, in canonical order.
     *
     * @return list<Combination>
     */
    public function offered(): array
    {
        $rules = $this->leftOut->activeIn($this);
        if ($rules->isNothing()) {
            return $this->combinations();
        }

        return array_values(array_filter(
            $this->combinations(),
            fn (Combination $cell): bool => ! $rules->covers($cell),
        ));
    }

    /** Whether the combination is a cell of this matrix: every axis named, no other, each with a value of the product's. */
    public function isCell(Combination $combination): bool
    {
        if (count($combination->values) !== count($this->byId)) {
            return false;
        }
        foreach ($combination->values as $axisId => $valueId) {
            if (! isset($this->byId[$axisId]) || ! $this->byId[$axisId]->has($valueId)) {
                return false;
            }
        }

        return true;
    }

    public function isOffered(Combination $combination): bool
    {
        return $this->isCell($combination) && ! $this->leftOut->covers($combination);
    }

    /**
     * The axes whose values change what a picture shows.
     *
     * @return list<Axis>
     */
    public function pictureAxes(): array
    {
        return array_values(array_filter($this->axes, fn (Axis $axis): bool => $axis->changesPicture));
    }

    /**
     * The combination's labels in the product's axis order.
     *
     * @return array<string, string> axis name => value label
     */
    public function choice(Combination $combination): array
    {
        $choice = [];
        foreach ($this->axes as $axis) {
            $value = $axis->value($combination->value($axis->id) ?? 0);
            if ($value !== null) {
                $choice[$axis->name] = $value->label;
            }
        }

        return $choice;
    }

    /**
     * Cells as a person reads them: sorted by the product's own order of axes and values.
     *
     * @param  list<Combination>  $cells
     * @return list<Combination>
     */
    public function inOrder(array $cells): array
    {
        $ranks = [];
        foreach ($cells as $cell) {
            // As digits of one number, each axis with a place more for what it does not have.
            $rank = 0;
            foreach ($this->axes as $axis) {
                $rank = $rank * ($axis->count() + 1) + ($axis->place($cell->values[$axis->id] ?? 0) ?? $axis->count());
            }
            $ranks[] = $rank;
        }
        array_multisort($ranks, SORT_NUMERIC, array_keys($cells), $cells);

        return $cells;
    }
}
