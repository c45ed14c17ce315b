<?php

declare(strict_types=1);

namespace Core;

/** What is the matter with something that was refused. */
enum RefusalKind: string
{
    /** Something has to be chosen or typed first. */
    case Missing = 'missing';

    /** What was typed cannot be read, is too long, or is out of bounds. */
    case Unreadable = 'unreadable';

    /** Another has the name or the code. */
    case Taken = 'taken';

    /** What it was about is not there any more. */
    case Gone = 'gone';

    /** Somebody changed it meanwhile. */
    case Changed = 'changed';

    /** It would break something that has to hold. */
    case Impossible = 'impossible';
}
