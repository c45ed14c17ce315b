<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * Says a set of cells in the fewest clauses a person would use: the whole product, then whole rows
 * and columns, then blocks, then single cells. No cell is ever dropped, made or not.
 */
final class Simplifier
{
    /** Past these the clauses are only joined, which says the same in more words. */
    private const MOST_CLAUSES = 12;

    private const MOST_CELLS = 2_500;

    /** Cells so scattered that joined they need more clauses than these are said no better by rows and columns. */
    private const MOST_SAID = 100;

    /**
     * @param  list<Combination>  $chosen  the cells to cover
     * @param  list<Combination>  $cells  all cells that count; others are free to be taken in, so that "all of
     *                                    Ink" stays "Ink" although Ink has no XS
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
                [$best, $covered] = $this->bestOf($axisSets, $wanted, $open, $cells);
                if ($best === []) {
                    break;
                }
                array_push($clauses, ...$best);
                $open = array_diff_key($open, $covered);
            }
        }
        foreach ($open as $cell) {
            $clauses[] = Clause::at($cell);
        }

        return $this->withoutSpare(Reach::of(...$clauses), $wanted);
    }

    /**
     * What somebody pointed at, in fewer words. Every cell that it covers stays covered; of those that do not
     * count, some may be taken in.
     *
     * @param  list<Combination>  $cells  those that count: the made ones
     */
    public function pointedAt(Reach $reach, array $cells, Matrix $matrix): Reach
    {
        return $this->fewer($reach->activeIn($matrix), $cells, $matrix);
    }

    /**
     * The same reach in fewer words: it covers the same cells of the matrix and of all that sleeps in it, made
     * or not. A clause that names every one of several values of an axis leaves the axis free; the only
     * value of an axis stays named, since a second one may come.
     */
    public function simplify(Reach $reach, Matrix $matrix): Reach
    {
        $joined = $this->freed($reach, $matrix);
        $whole =
            count($joined->clauses) < 2 || count($joined->clauses) > self::MOST_CLAUSES
                ? null
                : $matrix->withSleepers();
        // A clause on an axis that the product never had cannot be counted in cells.
        if ($whole === null || $whole->cellCount() > self::MOST_CELLS || !$joined->activeIn($whole)->equals($joined)) {
            return $joined;
        }

        return $this->fewer($joined, $whole->combinations(), $whole);
    }

    /** @param  list<Combination>  $cells */
    private function fewer(Reach $reach, array $cells, Matrix $matrix): Reach
    {
        $reach = $this->freed($reach, $matrix);
        if (count($reach->clauses) < 2 || count($reach->clauses) > self::MOST_SAID) {
            return $reach;
        }
        $simple = $this->withOnlyValues(
            $this->fromCells($reach->among($matrix->combinations()), $cells, $matrix),
            $reach,
            $matrix,
        );

        return count($simple->clauses) < count($reach->clauses) ? $simple : $reach;
    }

    /** Clauses that leave an axis free may join into one that names every value of another, which is free then too. */
    private function freed(Reach $reach, Matrix $matrix): Reach
    {
        do {
            $before = $reach;
            $reach = Reach::of(
                ...array_map(fn(Clause $clause): Clause => $this->withoutFullAxes($clause, $matrix), $reach->clauses),
            );
        } while (!$reach->equals($before));

        return $reach;
    }

    /** The only value of an axis stays named where it was named throughout. */
    private function withOnlyValues(Reach $simple, Reach $reach, Matrix $matrix): Reach
    {
        foreach ($matrix->axes as $axis) {
            $isNamed = array_filter($reach->clauses, fn(Clause $clause): bool => !$clause->names($axis->id)) === [];
            if ($isNamed && count($axis->everyValueId()) === 1) {
                $simple = $simple->cut(Reach::of(Clause::of([$axis->id => $axis->everyValueId()])));
            }
        }

        return $simple;
    }

    private function withoutFullAxes(Clause $clause, Matrix $matrix): Clause
    {
        foreach ($clause->values() as $axisId => $valueIds) {
            $all = $matrix->everyValueId($axisId);
            if (count($all) > 1 && array_diff($all, $valueIds) === []) {
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
     * Of some sets of axes the one whose whole slabs cover most of what is open, as joined clauses; and what they
     * cover.
     *
     * @param  list<list<int>>  $axisSets
     * @param  array<string, Combination>  $wanted
     * @param  array<string, Combination>  $open
     * @param  list<Combination>  $cells
     * @return array{list<Clause>, array<string, true>} the clauses; keys of open cells
     */
    private function bestOf(array $axisSets, array $wanted, array $open, array $cells): array
    {
        $best = [];
        $bestCovered = [];
        foreach ($axisSets as $axisIds) {
            $flipped = array_flip($axisIds);
            $broken = [];
            foreach ($cells as $cell) {
                if (!isset($wanted[$cell->key])) {
                    $broken[implode(',', array_intersect_key($cell->values, $flipped))] = true;
                }
            }
            $slabs = [];
            $covered = [];
            foreach ($open as $cellKey => $cell) {
                $part = array_intersect_key($cell->values, $flipped);
                $key = implode(',', $part);
                if (!isset($broken[$key])) {
                    $slabs[$key] = $part;
                    $covered[$cellKey] = true;
                }
            }
            if (count($covered) > count($bestCovered)) {
                $bestCovered = $covered;
                $best = array_map(fn(array $part): Clause => Clause::at(Combination::of($part)), array_values($slabs));
            }
        }

        return [$best === [] ? [] : Reach::of(...$best)->clauses, $bestCovered];
    }

    /** @param  array<string, Combination>  $wanted */
    private function withoutSpare(Reach $reach, array $wanted): Reach
    {
        $clauses = $reach->clauses;
        $cells = [];
        $times = array_fill_keys(array_keys($wanted), 0);
        foreach ($clauses as $at => $clause) {
            $cells[$at] = [];
            foreach ($wanted as $key => $cell) {
                if ($clause->covers($cell)) {
                    $cells[$at][] = $key;
                    $times[$key]++;
                }
            }
        }
        foreach (array_reverse(array_keys($clauses)) as $at) {
            if (count($clauses) > 1 && array_filter($cells[$at], fn(string $key): bool => $times[$key] < 2) === []) {
                unset($clauses[$at]);
                foreach ($cells[$at] as $key) {
                    $times[$key]--;
                }
            }
        }

        return Reach::of(...$clauses);
    }
}
