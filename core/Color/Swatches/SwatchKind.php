<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

/** What a swatch is made of. */
enum SwatchKind: string
{
    case Colors = 'colors';
    case Pattern = 'pattern';
    case Piece = 'piece';
}
