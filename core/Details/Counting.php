<?php

declare(strict_types=1);

namespace Core\Details;

/** What units are counted for. */
enum Counting: string
{
    case Sku = 'sku';
    case Pictures = 'pictures';
    case Product = 'product';
    case None = 'none';

    /** "each SKU": what is counted for. */
    public function inWords(): string
    {
        return match ($this) {
            self::Sku => 'each SKU',
            self::Pictures => 'each picture combination',
            self::Product => 'the whole product',
            self::None => 'nothing: stock is not counted',
        };
    }

    /** Whether several SKUs are sold from the same units. */
    public function isShared(): bool
    {
        return $this === self::Pictures || $this === self::Product;
    }
}
