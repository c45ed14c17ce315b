<?php

declare(strict_types=1);

namespace Core\Gallery\AltTexts;

/** What is wrong with the text that stands for a picture. */
enum AltFault: string
{
    /** It says neither of what the picture is nor what it shows: only the product. */
    case Gap = 'says only the product';

    /** Another picture of a gallery has the same. */
    case Double = 'twice in a gallery';

    case Long = 'longer than 125 characters';
}
