<?php

declare(strict_types=1);

namespace Bench;

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Value;

/** The plan that builds all cells, beside a bare loop that makes the same combinations and keys. */
final class BuildPlan
{
    /** @param  non-empty-list<int>  $counts  values of each axis */
    public static function measure(string $size, array $counts): Result
    {
        $axis = fn(int $id, int $values): Axis => new Axis(
            $id,
            "Axis {$id}",
            AxisKind::Other,
            array_map(fn(int $at): Value => new Value($id * 100 + $at, "V{$at}"), range(1, $values)),
        );
        $axes = array_map($axis, range(1, count($counts)), $counts);
        $plan = function () use ($axes): int {
            $matrix = Matrix::of($axes);

            return count((new Planner())->plan(new MatrixChange($matrix, $matrix), [])->make);
        };
        $three = function () use ($axes): int {
            $combinations = [];
            foreach ($axes[0]->valueIds() as $a) {
                foreach ($axes[1]->valueIds() as $b) {
                    foreach ($axes[2]->valueIds() as $c) {
                        $combinations["1:{$a},2:{$b},3:{$c}"] = [1 => $a, 2 => $b, 3 => $c];
                    }
                }
            }

            return count($combinations);
        };
        $four = function () use ($axes): int {
            $combinations = [];
            foreach ($axes[0]->valueIds() as $a) {
                foreach ($axes[1]->valueIds() as $b) {
                    foreach ($axes[2]->valueIds() as $c) {
                        foreach ($axes[3]->valueIds() as $d) {
                            $combinations["1:{$a},2:{$b},3:{$c},4:{$d}"] = [1 => $a, 2 => $b, 3 => $c, 4 => $d];
                        }
                    }
                }
            }

            return count($combinations);
        };

        return new Result('build plan', $size, Timing::ratio($plan, count($counts) === 3 ? $three : $four), 6.0);
    }
}
