<?php

declare(strict_types=1);

namespace Tests\Walk;

/** What people do to a product. */
enum Verb
{
    case Axes;
    case Exchange;
    case Merge;
    case Split;
    case LeaveOut;
    case OfferAgain;
    case Link;
    case Unlink;
    case Hide;
    case Show;
    case Rename;
    case ElsewhereNamed;
    case Code;
    case SwapCodes;
    case Stock;
    case Price;
    case Role;
    case Order;
    case View;
    case Fact;
    case Opening;
    case Reorder;
    case Currency;
    case Place;
    case RolesByRule;
    case Shot;
    case Fill;
    case Crop;
    case PictureAxes;
    case Swatch;
    case Display;
    case Adjust;
    case Detail;
    case DetailOfAll;
    case Counting;

    /** @return non-empty-list<self> each as often as it is tried */
    public static function weighted(): array
    {
        $often = [self::Axes, self::LeaveOut, self::Link, self::Unlink, self::Hide, self::Merge];

        return [
            ...self::cases(),
            ...$often,
            ...$often,
            self::Axes,
            self::Axes,
            self::OfferAgain,
            self::Split,
            self::Rename,
            self::Stock,
            self::Stock,
            self::Counting,
            self::Counting,
            self::PictureAxes,
        ];
    }
}
