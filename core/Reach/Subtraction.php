<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Matrix;

/**
 * Takes many clauses from others at once: axis after axis, the values that the same of them name are treated as one.
 * The time grows with the clauses and with what is left, not with their product.
 */
final readonly class Subtraction
{
    public function __construct(private Matrix $matrix) {}

    /**
     * What is left of a clause. One that nothing is taken from is left as it is.
     *
     * @param  list<Clause>  $taken
     * @return list<Clause>
     */
    public function of(Clause $clause, array $taken): array
    {
        $met = array_values(array_filter($taken, fn(Clause $one): bool => !$clause->cut($one)->isNothing()));

        return $this->left($clause, $met);
    }

    /**
     * @param  list<Clause>  $taken  each without the axes that are settled
     * @return list<Clause>
     */
    private function left(Clause $clause, array $taken): array
    {
        if ($taken === []) {
            return [$clause];
        }
        $axisId = $this->axisNamedMost($taken);
        if ($axisId === null || array_filter($taken, fn(Clause $one): bool => $one->isEverything()) !== []) {
            return [];
        }
        $left = [];
        foreach ($this->alike($clause, $axisId, $taken) as $allowing => $valueIds) {
            $there =
                $allowing === ''
                    ? []
                    : array_map(
                        fn(string $at): Clause => $taken[(int) $at]->freed($axisId),
                        explode(',', (string) $allowing),
                    );
            array_push($left, ...$this->left($clause->limited($axisId, $valueIds), $there));
        }

        return $left;
    }

    /**
     * The values of a clause on an axis, those together at which the same is taken.
     *
     * @param  list<Clause>  $taken
     * @return array<array-key, list<int>> places of what is taken there, with commas between => value ids
     */
    private function alike(Clause $clause, int $axisId, array $taken): array
    {
        $allowing = array_fill_keys($clause->values()[$axisId] ?? $this->matrix->everyValueId($axisId), []);
        foreach ($taken as $at => $one) {
            foreach ($one->values()[$axisId] ?? array_keys($allowing) as $valueId) {
                if (isset($allowing[$valueId])) {
                    $allowing[$valueId][] = $at;
                }
            }
        }
        $alike = [];
        foreach ($allowing as $valueId => $places) {
            $alike[implode(',', $places)][] = $valueId;
        }

        return $alike;
    }

    /** @param  list<Clause>  $taken */
    private function axisNamedMost(array $taken): ?int
    {
        $named = [];
        foreach ($taken as $clause) {
            foreach ($clause->axisIds() as $axisId) {
                $named[$axisId] = ($named[$axisId] ?? 0) + 1;
            }
        }
        arsort($named);

        return array_key_first($named);
    }
}
