<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

/** Why a column is taken to say what it says. */
enum ColumnGround: string
{
    /** Its header is one of ours. */
    case OwnHeader = 'own';

    /** Its header is a usual word of the trade, or an axis of the shop. */
    case UsualHeader = 'usual';

    /** A sheet of the same sender was read so. */
    case Remembered = 'remembered';

    /** By what stands in its cells. */
    case Content = 'content';

    /** A person said so. */
    case Chosen = 'chosen';

    /** It is not known, and left alone. */
    case Unknown = 'unknown';
}
