<?php

declare(strict_types=1);

namespace Core\Matching;

/** What can speak against a reading. */
enum DoubtKind: string
{
    case Contradiction = 'contradiction';
    case Folder = 'folder';
    case NotOffered = 'not-offered';
    case OtherProduct = 'other-product';
    case ManyValues = 'many-values';
    case ManyMeanings = 'many-meanings';
    case ManyProducts = 'many-products';
    case ManyViews = 'many-views';
    case NoValue = 'no-value';
    case UnknownWord = 'unknown-word';
    case NoProduct = 'no-product';
    case ViewByOrder = 'view-by-order';

    /** As a heading over the pictures of which it is said. */
    public function label(): string
    {
        return match ($this) {
            self::Contradiction => 'Name and picture disagree',
            self::Folder => 'Name and folder disagree',
            self::NotOffered => 'The product does not come in it',
            self::OtherProduct => 'Names another product',
            self::ManyValues => 'Names more than one value',
            self::ManyMeanings => 'A word with two meanings',
            self::ManyProducts => 'Names more than one product',
            self::ManyViews => 'Names more than one view',
            self::NoValue => 'Says no value',
            self::UnknownWord => 'A word that nobody knows',
            self::NoProduct => 'Says no product',
            self::ViewByOrder => 'View told by the order of taking',
        };
    }

    /** Whether the name means something that the product is not. */
    public function isForeign(): bool
    {
        return $this === self::NotOffered || $this === self::OtherProduct;
    }
}
