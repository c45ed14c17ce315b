<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;

/** A sheet as a list shows it. */
final readonly class ListedSheet
{
    /**
     * @param  int  $sound  products that are sound and not as the sheet says yet
     * @param  int  $rejected  products of which a row is rejected
     */
    public function __construct(public Sheet $sheet, public int $sound, public int $rejected) {}
}
