<?php

declare(strict_types=1);

namespace App\Models;

/** How far a file of a drop has come. */
enum DropFileState: string
{
    /** Announced; some of it may have arrived. */
    case Arriving = 'arriving';

    /** An archive that has arrived and is being unpacked. */
    case Unpacking = 'unpacking';

    /** An archive whose pictures are files of the drop now. */
    case Unpacked = 'unpacked';

    /** A picture that is kept. */
    case Stored = 'stored';

    /** No picture, or one that cannot be taken. */
    case Refused = 'refused';

    /** A sheet, which is read on a page of its own. */
    case Sheet = 'sheet';

    /** A package of a catalog, which is read on a page of its own. */
    case Package = 'package';

    /** A picture that somebody put aside: it belongs to nothing here. */
    case Aside = 'aside';

    /** @return list<self> of files that are no pictures of the drop: each has a page of its own, or is many files */
    public static function apart(): array
    {
        return [self::Unpacked, ...self::ofOwnPages()];
    }

    /** @return list<self> of files that are read on a page of their own */
    public static function ofOwnPages(): array
    {
        return [self::Sheet, self::Package];
    }
}
