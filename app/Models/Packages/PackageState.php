<?php

declare(strict_types=1);

namespace App\Models\Packages;

/** How far a package of the intake is. */
enum PackageState: string
{
    /** Its products and its library are being read out of its file. */
    case Reading = 'reading';

    /** Its pictures are being taken out of its file, each held against its checksum. */
    case Unpacking = 'unpacking';

    /** Its products are being held against the catalog. */
    case Vetting = 'vetting';

    /** Every product has a verdict. */
    case Ready = 'ready';

    /** It cannot be read. */
    case Failed = 'failed';

    public function isAtWork(): bool
    {
        return in_array($this, [self::Reading, self::Unpacking, self::Vetting], true);
    }
}
