<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

/** What is the matter with a cell, so that those alike can be found and mended together. */
enum ProblemKind: string
{
    /** It cannot be read: no number, no GTIN, too long. */
    case Unreadable = 'unreadable';

    /** A spreadsheet has made a number of a code: 4.00E+12. */
    case Mangled = 'mangled';

    /** Something that has to be there is not. */
    case Missing = 'missing';

    /** Another SKU or product has it, or another row says it. */
    case Taken = 'taken';

    /** Rows of one product say different things of it. */
    case Differs = 'differs';

    /** It is new, and nearly what is there already: a person says which is meant. */
    case Near = 'near';

    /** No picture of that name is there. */
    case NoPicture = 'picture';

    /** A picture that is named by its address in the web, and is not here. */
    case NotFetched = 'address';

    /** It would break something that has to hold. */
    case Impossible = 'impossible';
}
