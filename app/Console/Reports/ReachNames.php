<?php

declare(strict_types=1);

namespace App\Console\Reports;

use Core\Matrix\Matrix;
use Core\Reach\Reach;

/** A reach as the exchange format has it: a list of clauses, each axis by its name => labels of values. */
final class ReachNames
{
    /** @return list<object> the whole product is one clause that names nothing */
    public static function of(Reach $reach, Matrix $matrix): array
    {
        $clauses = [];
        foreach ($reach->activeIn($matrix)->clauses as $clause) {
            $named = [];
            foreach ($matrix->axes as $axis) {
                foreach ($clause->names($axis->id) ? $axis->values : [] as $value) {
                    if ($clause->allows($axis->id, $value->id)) {
                        $named[$axis->name][] = $value->label;
                    }
                }
            }
            $clauses[] = (object) $named;
        }

        return $clauses;
    }
}
