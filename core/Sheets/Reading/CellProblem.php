<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

/** What is the matter with a cell of a sheet, said at that cell. */
final readonly class CellProblem
{
    /**
     * @param  int  $row  number of the row in the sheet
     * @param  string  $column  header of its field as we write it; empty where it is about the whole row
     * @param  string  $message  a sentence: what, why, what to do
     * @param  string  $suggestion  what may be meant; empty for nothing
     * @param  string  $subject  the part of the cell that it is about; empty for all of it
     */
    public function __construct(
        public int $row,
        public string $column,
        public ProblemKind $kind,
        public string $message,
        public string $suggestion = '',
        public string $subject = '',
    ) {}
}
