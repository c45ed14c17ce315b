<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Factor;
use Core\Matrix\Matrix;
use Core\Matrix\Value;

/** Says a reach in words: "whole product", "Moss", "Moss and Clay, Gauntlet only", "Moss; Clay, XXL". */
final class Wording
{
    /** Past these the rest is counted. */
    private const MOST = 60;

    /** "Moss and Clay, Gauntlet only"; what sleeps is not said. */
    public function say(Reach $reach, Matrix $matrix): string
    {
        $active = $reach->activeIn($matrix);
        if ($active->isNothing()) {
            return 'not linked';
        }

        return $this->joined(
            array_map(
                fn(Clause $clause): string => $this->clause($clause, $matrix),
                array_slice($active->clauses, 0, self::MOST),
            ),
            count($active->clauses),
        );
    }

    /** The same with what is left free: "Ink, all sizes"; "the whole product". */
    public function whole(Reach $reach, Matrix $matrix): string
    {
        $parts = [];
        $clauses = $reach->activeIn($matrix)->clauses;
        foreach (array_slice($clauses, 0, self::MOST) as $clause) {
            $free = array_values(
                array_filter($matrix->axes, fn(Axis $axis): bool => !$clause->names($axis->id) && $axis->count() > 1),
            );
            $all =
                $free === []
                    ? ''
                    : ', all ' .
                        $this->listed(array_map(fn(Axis $axis): string => (new Factor(2, $axis->name))->noun(), $free));
            $parts[] = $clause->isEverything() ? 'the whole product' : $this->clause($clause, $matrix) . $all;
        }

        return $this->joined($parts, count($clauses));
    }

    /** @param  list<string>  $parts  the first of all */
    private function joined(array $parts, int $all): string
    {
        $more = $all - count($parts);

        return implode('; ', $parts) . ($more > 0 ? '; and ' . number_format($more) . ' more places' : '');
    }

    /** One clause: values in the product’s order, axis by axis. */
    public function clause(Clause $clause, Matrix $matrix): string
    {
        $parts = [];
        $several = false;
        foreach ($this->picturesFirst($matrix) as $axis) {
            if ($clause->names($axis->id)) {
                $parts[] = $this->values($axis, $clause);
                $several = $several || count($clause->values()[$axis->id]) > 1;
            }
        }
        if ($parts === []) {
            return 'whole product';
        }

        return implode(', ', $parts) . ($several && count($parts) > 1 ? ' only' : '');
    }

    /** @return list<Axis> */
    private function picturesFirst(Matrix $matrix): array
    {
        $axes = $matrix->axes;
        usort($axes, fn(Axis $a, Axis $b): int => $b->changesPicture <=> $a->changesPicture);

        return $axes;
    }

    private function values(Axis $axis, Clause $clause): string
    {
        $in = array_values(
            array_filter($axis->values, fn(Value $value): bool => $clause->allows($axis->id, $value->id)),
        );
        $labels = array_map(fn(Value $value): string => $value->label, $in);
        $places = array_map(fn(Value $value): int => $axis->place($value->id) ?? 0, $in);
        if (
            $axis->kind === AxisKind::Size &&
            count($in) > 2 &&
            count($in) - 1 === $places[count($in) - 1] - $places[0]
        ) {
            return $labels[0] . '–' . $labels[count($labels) - 1];
        }
        $missing = array_values(
            array_filter($axis->values, fn(Value $value): bool => !$clause->allows($axis->id, $value->id)),
        );
        if (count($missing) === 1 && count($in) > 3) {
            return "every {$axis->name} but {$missing[0]->label}";
        }

        return $this->listed($labels);
    }

    /** @param  list<string>  $labels */
    private function listed(array $labels): string
    {
        $last = array_pop($labels);

        return $labels === [] ? (string) $last : implode(', ', $labels) . ' and ' . $last;
    }
}
