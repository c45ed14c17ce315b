<?php

declare(strict_types=1);

namespace Bench;

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixChange;
use Core\Matrix\Planner;
use Core\Matrix\Value;

/** The plan that builds 10,000 cells, beside a bare loop that makes the same combinations and keys. */
final class BuildPlan
{
    public static function measure(): Result
    {
        $axis = fn (int $id, int $values): Axis => new Axis($id, "Axis {$id}", AxisKind::Other, array_map(fn (int $at): Value => new Value($id * 100 + $at, "V{$at}"), range(1, $values)));
        $axes = [$axis(1, 25), $axis(2, 20), $axis(3, 20)];
        $plan = function () use ($axes): int {
            $matrix = Matrix::of($axes);

            return count((new Planner())->plan(new MatrixChange($matrix, $matrix), [])->make);
        };
        $bare = function () use ($axes): int {
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

        return new Result('build plan', '10,000 cells', Timing::ratio($plan, $bare), 6.0);
    }
}
