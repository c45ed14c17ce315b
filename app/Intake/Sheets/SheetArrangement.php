<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Rows\RowShape;

/** How a person wants a sheet to be read. */
final readonly class SheetArrangement
{
    /**
     * @param  array<int, string>  $fields  place of a column => header of its field; empty for left alone
     * @param  FieldKind  $across  what stands in columns that are called by sizes
     */
    public function __construct(
        public array $fields,
        public RowShape $shape,
        public FieldKind $across,
        public EmptyCells $empty = EmptyCells::Keep,
    ) {}
}
