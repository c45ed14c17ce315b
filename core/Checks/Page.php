<?php

declare(strict_types=1);

namespace Core\Checks;

/** A page of a product on which something is mended. */
enum Page: string
{
    case Board = 'board';
    case Details = 'details';
    case Prices = 'prices';
    case Colors = 'colors';
    case Contact = 'contact';
    case Coverage = 'coverage';
}
