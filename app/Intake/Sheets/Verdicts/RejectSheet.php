<?php

declare(strict_types=1);

namespace App\Intake\Sheets\Verdicts;

use App\Files\Sheets\SheetWriter;
use App\Intake\Sheets\LayoutRecord;
use App\Models\Sheets\Sheet;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\SafeCell;
use Core\Sheets\Verdicts\SheetVerdict;

/** Writes what of a sheet is not taken as a sheet of its own, with the reasons, to be corrected and brought again. */
final readonly class RejectSheet
{
    private const REASONS = 'reasons';

    public function __construct(private VettedRows $rows) {}

    /** @return int rows written, without the header */
    public function write(Sheet $sheet, SheetWriter $writer): int
    {
        $columns = LayoutRecord::decode($sheet->layout)->columns;
        $headers = array_map(fn(SheetColumn $column): string => $column->header, $columns);
        $writer->row([...$headers, self::REASONS]);
        $count = 0;
        foreach ($this->rows->all($sheet) as $row) {
            if (!in_array($row->verdict->verdict, [SheetVerdict::Rejected, SheetVerdict::Held], true)) {
                continue;
            }
            $cells = array_map(
                fn(SheetColumn $column): string => SafeCell::write($row->cells[$column->place] ?? ''),
                $columns,
            );
            $writer->row([...$cells, SafeCell::write(self::reasons($row))]);
            $count++;
        }
        $writer->close();

        return $count;
    }

    private static function reasons(VettedRow $row): string
    {
        $reasons = array_map(
            fn(CellProblem $problem): string => "{$problem->column}: {$problem->message}",
            $row->verdict->problems,
        );

        return $reasons === [] ? 'Another row of this product is rejected.' : implode(' ', $reasons);
    }
}
