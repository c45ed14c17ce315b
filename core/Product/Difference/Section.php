<?php

declare(strict_types=1);

namespace Core\Product\Difference;

enum Section: string
{
    case Details = 'Details';
    case Axes = 'Axes and values';
    case Skus = 'SKUs';
    case Pictures = 'Pictures';
}
