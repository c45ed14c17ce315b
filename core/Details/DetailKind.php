<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Details\Types\BreaksDetail;
use Core\Details\Types\BuyerTextDetail;
use Core\Details\Types\ConditionDetail;
use Core\Details\Types\CountingDetail;
use Core\Details\Types\CustomsDetail;
use Core\Details\Types\DimensionsDetail;
use Core\Details\Types\EndingDetail;
use Core\Details\Types\HighlightsDetail;
use Core\Details\Types\ListDetail;
use Core\Details\Types\MoneyDetail;
use Core\Details\Types\OriginDetail;
use Core\Details\Types\PreOrderDetail;
use Core\Details\Types\SaleDetail;
use Core\Details\Types\TextDetail;
use Core\Details\Types\UnitsDetail;

/** What can be said of a product, and otherwise of a part of it. A new one is a case here, with its type. */
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
    case Care = 'care';
    case Customs = 'customs code';
    case Origin = 'origin';
    case Tax = 'tax class';
    case Surcharge = 'surcharge';
    case GiftWrap = 'gift wrap';
    case BuyerText = 'buyer text';

    private const LONGEST_WORDS = 80;

    private const LONGEST_SHORT_TEXT = 500;

    /** How it is read, said and typed. */
    public function type(): DetailType
    {
        return match ($this) {
            self::Ending => new EndingDetail(),
            self::ListPrice => new MoneyDetail('List price', 'Recommended, or what it cost before.'),
            self::Cost => new MoneyDetail('Cost', 'What it costs the shop. Shoppers never see it.'),
            self::Sale => new SaleDetail(),
            self::Breaks => new BreaksDetail(),
            self::Counting => new CountingDetail(),
            self::PictureUnits => new UnitsDetail('Units of a picture combination', 0),
            self::ProductUnits => new UnitsDetail('Units of the whole product', 0, isOfProduct: true),
            self::LowMark => new UnitsDetail(
                'Low from',
                0,
                'From so many units on stock is shown as low.',
                DetailSection::Orders,
            ),
            self::Least => new UnitsDetail('Least per order', 1, section: DetailSection::Orders),
            self::Most => new UnitsDetail('Most per order', 1, section: DetailSection::Orders),
            self::PreOrder => new PreOrderDetail(),
            self::Dimensions => new DimensionsDetail(),
            self::ShortText => new TextDetail(
                'Short description',
                self::LONGEST_SHORT_TEXT,
                DetailSection::Elsewhere,
                hint: 'A sentence or two.',
                linkedAs: 'disambiguatingDescription',
            ),
            self::AlsoIn => new ListDetail(
                'Further categories',
                10,
                'One path to a line, such as Gifts > For gardeners.',
                '/[|\r\n]/u',
                "\n",
                isOfProduct: true,
                isPath: true,
            ),
            self::Highlights => new HighlightsDetail(),
            self::Kind => new TextDetail(
                'Kind of product',
                self::LONGEST_WORDS,
                DetailSection::Shoppers,
                'kind',
                isOfProduct: true,
            ),
            self::Tags => new ListDetail(
                'Tags',
                40,
                'With commas between.',
                '/[,;|\r\n]/u',
                ', ',
                'tags',
                isOfProduct: true,
            ),
            self::Condition => new ConditionDetail(),
            self::Warranty => new TextDetail(
                'Warranty',
                self::LONGEST_WORDS,
                DetailSection::Shoppers,
                'warranty',
                isTerm: true,
            ),
            self::Care => CareInstructions::type(),
            self::Customs => new CustomsDetail(),
            self::Origin => new OriginDetail(),
            self::Tax => new TextDetail('Tax class', self::LONGEST_WORDS, DetailSection::Sending, 'tax-class'),
            self::Surcharge => new MoneyDetail(
                'Shipping surcharge',
                'Added to the cost of sending each.',
                DetailSection::Sending,
                'none',
            ),
            self::GiftWrap => new MoneyDetail(
                'Gift wrap',
                'What wrapping one costs; 0 where it is free. Nothing: not offered.',
                DetailSection::Orders,
                'free',
            ),
            self::BuyerText => new BuyerTextDetail(),
        };
    }

    public function label(): string
    {
        return $this->type()->label();
    }

    /** Whether it is an amount of money, or has one in it, so that a change of currency is about it. */
    public function hasMoney(): bool
    {
        return $this->type()->hasMoney();
    }

    /** Whether every SKU of a product has the same: then no part can say otherwise. */
    public function isOfProduct(): bool
    {
        return $this->type()->isOfProduct();
    }
}
