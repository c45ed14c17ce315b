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
    case PriceByRule;
    case LetGo;
    case AdjustStanding;
    case ProductCode;

    /** Whether it changes axes, values or what is offered of them, by a plan. */
    public function isOfMatrix(): bool
    {
        return in_array(
            $this,
            [self::Axes, self::Exchange, self::Merge, self::Split, self::LeaveOut, self::OfferAgain],
            true,
        );
    }

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
            self::PriceByRule,
            self::PriceByRule,
            self::Adjust,
            self::Detail,
            self::DetailOfAll,
        ];
    }

    /** @return non-empty-list<self> by which a product gets the numbers that changes of its axes concern */
    public static function numbersFirst(): array
    {
        return [
            self::Axes,
            self::PriceByRule,
            self::PriceByRule,
            self::Adjust,
            self::Adjust,
            self::Adjust,
            self::Price,
            self::Counting,
            self::Stock,
            self::Stock,
            self::Detail,
        ];
    }

    /** @return non-empty-list<self> each as often as it is tried */
    public static function ofNumbers(): array
    {
        $matrix = [self::Axes, self::Axes, self::Axes, self::Merge, self::Merge, self::Split, self::Exchange];

        return [
            ...$matrix,
            ...$matrix,
            self::LeaveOut,
            self::OfferAgain,
            self::PictureAxes,
            self::PriceByRule,
            self::Price,
            self::Adjust,
            self::AdjustStanding,
            self::LetGo,
            self::Stock,
            self::Counting,
            self::Detail,
            self::DetailOfAll,
        ];
    }
}
