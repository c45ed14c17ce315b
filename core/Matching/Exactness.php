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

    /** All words of the name of a color, in another order. */
    case Turned;

    /** One of several words of the name of a color. */
    case Halved;

    /** Some letters of the name of a color. */
    case Short;

    /** The name of a color with another ending. */
    case Inflected;

    public function confidence(): float
    {
        return match ($this) {
            self::Sku => 0.99,
            self::Own => 0.95,
            self::Synonym => 0.9,
            self::Part => 0.8,
            self::Slip, self::Turned, self::Halved, self::Short, self::Inflected => 0.75,
        };
    }

    /** Whether the picture can make it surer: a form of a color's name that was guessed. */
    public function isForm(): bool
    {
        return in_array($this, [self::Turned, self::Halved, self::Short, self::Inflected], true);
    }
}
