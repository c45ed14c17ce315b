<?php

declare(strict_types=1);

namespace Core\Sheets\Verdicts;

/** What becomes of a row of a sheet, or of a product in it. */
enum SheetVerdict: string
{
    case Fresh = 'new';
    case Changed = 'changed';
    case Same = 'same';
    case Rejected = 'rejected';

    /** A sound row of a product in which another is rejected. */
    case Held = 'held';
}
