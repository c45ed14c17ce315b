<?php

declare(strict_types=1);

namespace Core\Matching;

/** How a word came to its meaning, and how far that is to be trusted, from 0 to 1. The figures are our own. */
enum Exactness
{
    /** The code of a SKU, or its GTIN. */
    case Sku;

    /** A code of a product or of a value, or the full name. */
    case Own;

    /** Another word for it, or a translation. */
    case Synonym;

    /** A part of the name. */
    case Part;

    /** One letter away. */
    case Slip;

    public function confidence(): float
    {
        return match ($this) {
            self::Sku => 0.99,
            self::Own => 0.95,
            self::Synonym => 0.90,
            self::Part => 0.80,
            self::Slip => 0.75,
        };
    }
}
