<?php

declare(strict_types=1);

namespace Core\Sheets\Verdicts;

use Core\Sheets\Reading\CellProblem;

/** What becomes of a row of a sheet, and why. */
final readonly class RowVerdict
{
    /**
     * @param  int  $row  its number in the sheet
     * @param  array<string, array{string, string}>  $changes  header of the field => from, to
     * @param  list<CellProblem>  $problems
     */
    public function __construct(
        public int $row,
        public SheetVerdict $verdict,
        public array $changes = [],
        public array $problems = [],
    ) {}
}
