<?php

declare(strict_types=1);

namespace App\Http;

/** The pages of a product on which it is changed: each is answered with its own picture of what came of it. */
enum ProductPage: string
{
    case Board = 'board';
    case Coverage = 'coverage';
    case Contact = 'contact';
    case Roles = 'roles';
    case Colors = 'colors';
    case Prices = 'prices';
    case Details = 'details';
}
