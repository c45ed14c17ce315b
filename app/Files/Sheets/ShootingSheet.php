<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use App\Summaries\Shooting\ShootingLine;
use Core\Sheets\SafeCell;

/** A shooting list as a sheet: one row for each picture. */
final readonly class ShootingSheet
{
    private const HEADER = ['product', 'name', 'part', 'view', 'needed', 'skus', 'file'];

    /**
     * @param  iterable<ShootingLine>  $lines
     * @return int rows written, without the header
     */
    public function write(iterable $lines, SheetWriter $writer): int
    {
        $writer->row(self::HEADER);
        $count = 0;
        foreach ($lines as $line) {
            $writer->row(
                array_map(SafeCell::write(...), [
                    $line->code,
                    $line->name,
                    $line->part(),
                    $line->view->name,
                    $line->need->value,
                    (string) $line->skus,
                    $line->file,
                ]),
            );
            $count++;
        }
        $writer->close();

        return $count;
    }
}
