<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

/** What a column of a sheet says. The words are those of our own header; kinds with a name stand before that name. */
enum FieldKind: string
{
    case Product = 'product';
    case Name = 'name';
    case Description = 'description';
    case Brand = 'brand';
    case Category = 'category';

    /** A value of the axis of that name. */
    case Axis = 'axis';

    /** What the row's value of the axis of that name adds to the price. */
    case Adds = 'adds';

    case Sku = 'sku';
    case Gtin = 'gtin';
    case Price = 'price';
    case BasePrice = 'base price';
    case EffectivePrice = 'effective price';
    case SalePrice = 'sale price';
    case Currency = 'currency';
    case Weight = 'weight g';
    case Stock = 'stock';
    case State = 'state';
    case Photos = 'photos';
    case Views = 'views';
    case AltTexts = 'alt texts';

    /** A file that does the job of that name. */
    case Role = 'role';

    /** The swatch of the row's value of the axis of that name. */
    case Swatch = 'swatch';

    /** Another detail, by its own name. */
    case Detail = 'detail';

    /** A fact of that name. */
    case Fact = 'fact';

    /** A text of the SKU, by its own name. */
    case SkuText = 'sku text';

    /** Whether a name belongs to it, and stands in the header behind the word. */
    public function isNamed(): bool
    {
        return match ($this) {
            self::Axis, self::Adds, self::Swatch, self::Fact => true,
            default => false,
        };
    }

    /** Whether it is said of the whole product, so that it may stand in the first of its rows only. */
    public function isOfProduct(): bool
    {
        return match ($this) {
            self::Name,
            self::Description,
            self::Brand,
            self::Category,
            self::BasePrice,
            self::Currency,
            self::Fact
                => true,
            default => false,
        };
    }

    /** Whether it is written for people, and means nothing when it is read. */
    public function isIgnored(): bool
    {
        return $this === self::EffectivePrice;
    }
}
