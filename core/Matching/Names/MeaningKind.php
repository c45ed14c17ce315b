<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/** What a word in a name can stand for. */
enum MeaningKind: string
{
    case Sku = 'SKU';
    case Gtin = 'GTIN';
    case Product = 'product';
    case Value = 'value';
    case View = 'view';

    /** A word that was taught to say nothing. */
    case Nothing = 'nothing';

    /** A word of a product's name or code, which others may have as well. */
    case Part = 'part';
}
