<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;

/**
 * Says of many cells whether some clauses cover them, in a time that does not grow with the clauses: those that name
 * the same axes are looked up by the values of these.
 */
final class ReachIndex
{
    /** A clause of more parts is asked itself. */
    private const MOST_PARTS = 1_000;

    /** Few clauses are asked themselves. */
    private const FEW = 8;

    /**
     * @var array<string, array{list<int>, array<string, true>}> by the axes that are named: their ids, and the values
     *   covered
     */
    private array $parts = [];

    /** @var list<Clause> */
    private array $others = [];

    /** @param  list<Clause>  $clauses */
    public function __construct(array $clauses)
    {
        foreach ($clauses as $clause) {
            $count = array_product(array_map(count(...), $clause->values()));
            if (count($clauses) <= self::FEW || $count > self::MOST_PARTS) {
                $this->others[] = $clause;

                continue;
            }
            $axisIds = $clause->axisIds();
            $name = implode(',', $axisIds);
            $this->parts[$name] ??= [$axisIds, []];
            foreach ($clause->parts() as $part) {
                $this->parts[$name][1][implode(',', $part->values)] = true;
            }
        }
    }

    /** Whether some clause covers the combination. */
    public function covers(Combination $cell): bool
    {
        foreach ($this->others as $clause) {
            if ($clause->covers($cell)) {
                return true;
            }
        }
        foreach ($this->parts as [$axisIds, $covered]) {
            $values = [];
            foreach ($axisIds as $axisId) {
                $values[] = $cell->values[$axisId] ?? 0;
            }
            if (isset($covered[implode(',', $values)])) {
                return true;
            }
        }

        return false;
    }
}
