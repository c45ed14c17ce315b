<?php

declare(strict_types=1);

namespace App\Models\Sheets;

/** How far a sheet of the intake is. */
enum SheetState: string
{
    /** Its rows are being read out of its file. */
    case Reading = 'reading';

    /** Its rows are being sorted by their products. */
    case Sorting = 'sorting';

    /** Its products are being held against the catalog. */
    case Vetting = 'vetting';

    /** Every row has a verdict. */
    case Ready = 'ready';

    /** It cannot be read. */
    case Failed = 'failed';

    public function isAtWork(): bool
    {
        return in_array($this, [self::Reading, self::Sorting, self::Vetting], true);
    }
}
