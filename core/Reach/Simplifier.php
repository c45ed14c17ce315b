<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * Says a set of cells in the fewest clauses a person would use: the whole product, then whole rows
 * and columns, then blocks, then single cells. Cells outside the given ones (left out, open) are
 * free to fall on either side, so "all of Ink" stays "Ink" although Ink has no XS.
 */
final class Simplifier
{
    /**
     * @param  list<Combination>  $chosen  the cells to cover
     * @param  list<Combination>  $cells  all cells that count (the made ones, as a rule)
     */
    public function fromCells(array $chosen, array $cells, Matrix $matrix): Reach
    {
        $open = [];
        foreach ($chosen as $cell) {
            $open[$cell->key] = $cell;
        }
        if ($open === []) {
            return Reach::nothing();
        }
        $wanted = $open;
        $clauses = [];
        foreach ($this->axisSets($matrix->axisIds()) as $axisSets) {
            while ($open !== []) {
                $best = $this->bestOf($axisSets, $wanted, $open, $cells);
                if ($best === []) {
                    break;
                }
                array_push($clauses, ...$best);
                $open = array_filter($open, fn (Combination $cell): bool => ! Reach::of(...$best)->covers($cell));
            }
        }
        foreach ($open as $cell) {
            $clauses[] = Clause::at($cell);
        }

        return $this->withoutSpare(Reach::of(...$clauses), $wanted);
    }

    /**
     * The same cells in fewer words. A clause that names every one of several values of an axis leaves the
     * axis free; the only value of an axis stays named, since a second one may come. Clauses that lie
     * dormant in the matrix are kept as they are.
     *
     * @param  list<Combination>  $cells
     */
    public function simplify(Reach $reach, array $cells, Matrix $matrix): Reach
    {
        $dormant = $reach->dormantIn($matrix);
        $active = Reach::of(...array_map(fn (Clause $clause): Clause => $this->withoutFullAxes($clause, $matrix), $reach->activeIn($matrix)->clauses));
        $covered = $active->among($cells);
        if (count($active->clauses) < 2 || $covered === []) {
            return $active->union($dormant);
        }
        $simple = $this->fromCells($covered, $cells, $matrix);

        return (count($simple->clauses) < count($active->clauses) ? $simple : $active)->union($dormant);
    }

    private function withoutFullAxes(Clause $clause, Matrix $matrix): Clause
    {
        foreach ($clause->values() as $axisId => $valueIds) {
            $all = $matrix->axis($axisId)?->count() ?? 0;
            if ($all > 1 && count($valueIds) === $all) {
                $clause = $clause->freed($axisId);
            }
        }

        return $clause;
    }

    /**
     * Sets of axes by size: none, each one, each two …
     *
     * @param  list<int>  $axisIds
     * @return list<list<list<int>>>
     */
    private function axisSets(array $axisIds): array
    {
        $bySize = array_fill(0, count($axisIds) + 1, []);
        for ($mask = 0; $mask < 1 << count($axisIds); $mask++) {
            $set = [];
            foreach ($axisIds as $bit => $axisId) {
                if (($mask & (1 << $bit)) !== 0) {
                    $set[] = $axisId;
                }
            }
            $bySize[count($set)][] = $set;
        }

        return $bySize;
    }

    /**
     * Of some sets of axes the one whose whole slabs cover most of what is open, as joined clauses.
     *
     * @param  list<list<int>>  $axisSets
     * @param  array<string, Combination>  $wanted
     * @param  array<string, Combination>  $open
     * @param  list<Combination>  $cells
     * @return list<Clause>
     */
    private function bestOf(array $axisSets, array $wanted, array $open, array $cells): array
    {
        $best = [];
        $bestCount = 0;
        foreach ($axisSets as $axisIds) {
            $flipped = array_flip($axisIds);
            $broken = [];
            foreach ($cells as $cell) {
                if (! isset($wanted[$cell->key])) {
                    $broken[implode(',', array_intersect_key($cell->values, $flipped))] = true;
                }
            }
            $slabs = [];
            $count = 0;
            foreach ($open as $cell) {
                $part = array_intersect_key($cell->values, $flipped);
                $key = implode(',', $part);
                if (! isset($broken[$key])) {
                    $slabs[$key] = $part;
                    $count++;
                }
            }
            if ($count > $bestCount) {
                $bestCount = $count;
                $best = array_map(fn (array $part): Clause => Clause::at(Combination::of($part)), array_values($slabs));
            }
        }

        return $best === [] ? [] : Reach::of(...$best)->clauses;
    }

    /** @param  array<string, Combination>  $wanted */
    private function withoutSpare(Reach $reach, array $wanted): Reach
    {
        $clauses = $reach->clauses;
        foreach (array_reverse(array_keys($clauses)) as $at) {
            $others = $clauses;
            unset($others[$at]);
            $rest = Reach::of(...$others);
            if ($others !== [] && array_filter($wanted, fn (Combination $cell): bool => ! $rest->covers($cell)) === []) {
                $clauses = $others;
            }
        }

        return Reach::of(...$clauses);
    }
}
