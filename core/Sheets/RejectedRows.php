<?php

declare(strict_types=1);

namespace Core\Sheets;

use Core\CoreException;
use Core\Sheets\Reading\CellProblem;

/** Rows of a sheet that cannot be taken as they are. */
final class RejectedRows extends CoreException
{
    /** @param  non-empty-list<CellProblem>  $problems */
    public static function of(array $problems): self
    {
        $first = $problems[0];
        $more = count($problems) - 1;

        return new self(
            "Row {$first->row}, {$first->column}: {$first->message}" .
                ($more === 0 ? '' : ' (and ' . number_format($more) . ' more)'),
        );
    }
}
