<?php

declare(strict_types=1);

namespace Core\Details;

/** What can be said of a product, and otherwise of a part of it. */
enum DetailKind: string
{
    case Ending = 'ending';
    case ListPrice = 'list price';
    case Cost = 'cost';
    case Sale = 'sale';
    case Breaks = 'breaks';
    case Counting = 'counting';
    case PictureUnits = 'picture units';
    case ProductUnits = 'product units';
    case LowMark = 'low mark';
    case Least = 'least';
    case Most = 'most';
    case PreOrder = 'pre-order';
    case Dimensions = 'dimensions';
    case ShortText = 'short text';
    case AlsoIn = 'also in';
    case Highlights = 'highlights';
    case Kind = 'kind';
    case Tags = 'tags';
    case Condition = 'condition';
    case Warranty = 'warranty';
    case Customs = 'customs code';
    case Origin = 'origin';
    case Tax = 'tax class';
    case Surcharge = 'surcharge';
    case GiftWrap = 'gift wrap';
    case BuyerText = 'buyer text';

    public function label(): string
    {
        return match ($this) {
            self::Ending => 'Price ending',
            self::ListPrice => 'List price',
            self::Sale => 'Sale',
            self::Breaks => 'Quantity breaks',
            self::Counting => 'Stock counted for',
            self::PictureUnits => 'Units of a picture combination',
            self::ProductUnits => 'Units of the whole product',
            self::LowMark => 'Low from',
            self::Least => 'Least per order',
            self::Most => 'Most per order',
            self::PreOrder => 'Pre-order, here on',
            self::ShortText => 'Short description',
            self::AlsoIn => 'Further categories',
            self::Kind => 'Kind of product',
            self::Customs => 'Customs code',
            self::Origin => 'Country of origin',
            self::Tax => 'Tax class',
            self::Surcharge => 'Shipping surcharge',
            self::GiftWrap => 'Gift wrap',
            self::BuyerText => 'Text asked from the buyer',
            default => ucfirst($this->value),
        };
    }

    /** Whether it is an amount of money, or has one in it, so that a change of currency is about it. */
    public function hasMoney(): bool
    {
        return in_array($this, [self::Ending, self::ListPrice, self::Cost, self::Sale, self::Breaks, self::Surcharge, self::GiftWrap], true);
    }

    /** Whether every SKU of a product has the same: then no part can say otherwise. */
    public function isOfProduct(): bool
    {
        return in_array($this, [self::Breaks, self::Counting, self::ProductUnits, self::AlsoIn, self::Kind, self::Tags, self::BuyerText], true);
    }
}
