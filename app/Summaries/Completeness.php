<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Catalog\LoadedProduct;

/** How far a product has come. */
enum Completeness: string
{
    case Unbuilt = 'unbuilt';
    case Lacking = 'lacking';
    case Complete = 'complete';

    public static function of(LoadedProduct $loaded): self
    {
        return match (true) {
            $loaded->made === [] => self::Unbuilt,
            ($loaded->coverage()?->percent() ?? 100) < 100 => self::Lacking,
            default => self::Complete,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Unbuilt => 'no SKU yet',
            self::Lacking => 'required views missing',
            self::Complete => 'required views there',
        };
    }
}
