<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Reach\Reach;

/**
 * From one matrix to the next, with what the shapes alone cannot say: to which value of an added
 * axis the present SKUs belong (home), and which value of a dropped axis stays (survivor).
 */
final readonly class MatrixChange
{
    public Matrix $to;

    /** @var array<int, int> dropped axis id => value id */
    public array $survivors;

    /**
     * @param  Matrix  $to  its left-out rules are carried along, as reaches are
     * @param  array<int, int>  $homes  added axis id => value id
     * @param  array<int, int>  $survivors  dropped axis id => value id
     * @param  bool  $stockAddsUp  whether the stock of SKUs that collapse goes to the one that stays
     *
     * @throws AxisWithoutValues
     * @throws ValueToChoose where an added axis has no home or a dropped one no survivor
     */
    public function __construct(
        public Matrix $from,
        Matrix $to,
        public array $homes = [],
        array $survivors = [],
        public bool $stockAddsUp = false,
    ) {
        $this->survivors = array_diff_key($survivors, array_flip($to->axisIds()));
        $this->to = new Matrix($to->axes, $this->carryReach($to->leftOut));
        foreach ($to->axes as $axis) {
            if ($axis->count() === 0) {
                throw new AxisWithoutValues($axis->name);
            }
        }
        foreach ($this->added() as $axis) {
            if (! isset($homes[$axis->id]) || ! $axis->has($homes[$axis->id])) {
                throw ValueToChoose::home($axis->name);
            }
        }
        foreach ($this->dropped() as $axis) {
            if (! isset($survivors[$axis->id]) || ! $axis->has($survivors[$axis->id])) {
                throw ValueToChoose::survivor($axis->name);
            }
        }
    }

    /** @return list<Axis> */
    public function added(): array
    {
        return array_values(array_filter(
            $this->to->axes,
            fn (Axis $axis): bool => $this->from->axis($axis->id) === null,
        ));
    }

    /** @return list<Axis> */
    public function dropped(): array
    {
        return array_values(array_filter(
            $this->from->axes,
            fn (Axis $axis): bool => $this->to->axis($axis->id) === null,
        ));
    }

    /**
     * Where a SKU's combination goes. One that lies on another value of a dropped axis goes nowhere
     * and keeps its combination, so that it can come back with the axis.
     */
    public function carry(Combination $cell): Combination
    {
        $values = $cell->values;
        foreach ($this->survivors as $axisId => $survivor) {
            if (isset($values[$axisId])) {
                if ($values[$axisId] !== $survivor) {
                    return $cell;
                }
                unset($values[$axisId]);
            }
        }
        foreach ($this->homes as $axisId => $home) {
            $values[$axisId] ??= $home;
        }

        return Combination::of($values);
    }

    /**
     * A reach (of a placement, or of the left-out rules) after the change: a clause limited to the
     * surviving value of a dropped axis loses that limit; one limited to other values of it lies dormant.
     */
    public function carryReach(Reach $reach): Reach
    {
        $clauses = [];
        foreach ($reach->clauses as $clause) {
            $kept = $clause;
            foreach ($this->survivors as $axisId => $survivor) {
                if ($clause->names($axisId) && $clause->allows($axisId, $survivor)) {
                    $kept = $kept->freed($axisId);
                }
            }
            $clauses[] = $kept;
        }

        return Reach::of(...$clauses);
    }
}
