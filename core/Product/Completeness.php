<?php

declare(strict_types=1);

namespace Core\Product;

/** How far a product has come. */
enum Completeness: string
{
    case Unbuilt = 'unbuilt';
    case Lacking = 'lacking';
    case Complete = 'complete';

    public static function of(Product $product): self
    {
        return match (true) {
            $product->made === [] => self::Unbuilt,
            ($product->coverage()?->percent() ?? 100) < 100 => self::Lacking,
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
