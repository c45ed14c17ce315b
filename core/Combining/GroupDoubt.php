<?php

declare(strict_types=1);

namespace Core\Combining;

/** Why items that look like one product may be none, or not lie as they should. */
enum GroupDoubt: string
{
    /** Two of them say the same values. */
    case Twice = 'twice';

    /** One says no value of an axis in which the others differ. */
    case Missing = 'missing';

    /** Their names differ in a letter beside their values. */
    case Slip = 'slip';

    /** One says a value that the shop does not have. */
    case NewValue = 'value';

    /** Their codes have nothing in common. */
    case Codes = 'codes';

    /** Their names say too little to be told apart from others. */
    case Short = 'short';
}
