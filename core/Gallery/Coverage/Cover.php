<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

/** How a picture combination has a view: by a placement narrowed to it, through a wider one, or not. */
enum Cover: string
{
    case There = 'there';
    case Shared = 'shared';
    case Missing = 'missing';
}
