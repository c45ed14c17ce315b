<?php

declare(strict_types=1);

namespace Core\Checks;

/** What a check reads: where it changes, the check is made anew. */
enum Source: string
{
    /** Whatever is kept of the product itself. */
    case Product = 'product';
    /** Axes and values of the library that it uses: their names, swatches, texts. */
    case Library = 'library';
    /** What was read of its photos, such as their colors. */
    case Photo = 'photo';
}
