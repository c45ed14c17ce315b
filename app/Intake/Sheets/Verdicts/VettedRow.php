<?php

declare(strict_types=1);

namespace App\Intake\Sheets\Verdicts;

use Core\Sheets\Verdicts\RowVerdict;

/** A row of a sheet with its product and its verdict. */
final readonly class VettedRow
{
    /** @param  list<string>  $cells  as they stand in the sheet, or were mended */
    public function __construct(
        public RowVerdict $verdict,
        public array $cells,
        public int $position,
        public string $code,
        public string $name,
    ) {}
}
