<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * Cells that all of some reaches treat alike. A class is a number; values that every clause treats alike add the same
 * to it.
 */
final readonly class CellClasses
{
    /** @var array<int, array<int, int>> axis id => value id => what the value adds to a cell's class */
    private array $steps;

    /** @param  list<Reach>  $reaches  active in the matrix */
    public function __construct(Matrix $matrix, array $reaches)
    {
        $marks = self::marks($reaches);
        $steps = [];
        $stride = 1;
        foreach ($matrix->axes as $axis) {
            $classes = [];
            foreach ($axis->valueIds() as $valueId) {
                $mark = $marks[$axis->id][$valueId] ?? '';
                $classes[$mark] ??= count($classes);
                $steps[$axis->id][$valueId] = $classes[$mark] * $stride;
            }
            $stride *= max(1, count($classes));
        }
        $this->steps = $steps;
    }

    /** @param  Combination  $cell  of the matrix */
    public function of(Combination $cell): int
    {
        $class = 0;
        foreach ($cell->values as $axisId => $valueId) {
            $class += $this->steps[$axisId][$valueId];
        }

        return $class;
    }

    /** @return list<int> the classes of all cells that a clause covers */
    public function under(Clause $clause): array
    {
        $limits = $clause->values();
        $classes = [0];
        foreach ($this->steps as $axisId => $steps) {
            $own = array_unique(
                isset($limits[$axisId]) ? array_intersect_key($steps, array_flip($limits[$axisId])) : $steps,
            );
            if (count($own) === 1) {
                $step = reset($own);
                foreach ($classes as $at => $class) {
                    $classes[$at] = $class + $step;
                }

                continue;
            }
            $wider = [];
            foreach ($classes as $class) {
                foreach ($own as $step) {
                    $wider[] = $class + $step;
                }
            }
            $classes = $wider;
        }

        return $classes;
    }

    /**
     * @param  list<Reach>  $reaches
     * @return array<int, array<int, string>> axis id => value id => the numbers of the clauses that name it
     */
    private static function marks(array $reaches): array
    {
        $marks = [];
        $number = 0;
        foreach ($reaches as $reach) {
            foreach ($reach->clauses as $clause) {
                $number++;
                foreach ($clause->values() as $axisId => $valueIds) {
                    foreach ($valueIds as $valueId) {
                        $marks[$axisId][$valueId] = ($marks[$axisId][$valueId] ?? '') . ',' . $number;
                    }
                }
            }
        }

        return $marks;
    }
}
