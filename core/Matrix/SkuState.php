<?php

declare(strict_types=1);

namespace Core\Matrix;

/** Made: on offer in its cell. Retired: was made once; its code, stock and photos are kept. */
enum SkuState: string
{
    case Made = 'made';
    case Retired = 'retired';
}
