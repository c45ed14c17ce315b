<?php

declare(strict_types=1);

namespace App\Models;

/** What a banner stands at the head of. */
enum BannerKind: string
{
    case Category = 'category';
    case Page = 'page';

    public function inWords(): string
    {
        return $this === self::Category ? 'category' : 'landing page';
    }
}
