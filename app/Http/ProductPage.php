<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Screens\Colors\ColorScreen;
use App\Http\Screens\Pictures\ContactScreen;
use App\Http\Screens\Pictures\CoverageScreen;
use App\Http\Screens\Pictures\RoleScreen;
use App\Http\Screens\Product\DetailsScreen;
use App\Http\Screens\Product\PageScreen;
use App\Http\Screens\Product\PriceScreen;
use App\Http\Screens\Rows\ProductRowsScreen;

/**
 * The pages of a product, in the order of their links. A new one is a case here, a screen that draws it, and a view
 * “inner” in the folder of its name; its address is its name, and a change made from it is answered with it.
 */
enum ProductPage: string
{
    case Board = 'board';
    case Contact = 'contact';
    case Coverage = 'coverage';
    case Roles = 'roles';
    case Colors = 'colors';
    case Prices = 'prices';
    case Preview = 'preview';
    case Rows = 'rows';
    case Details = 'details';
    case History = 'history';

    public function title(): string
    {
        return __("product.page_{$this->value}");
    }

    /** @return ?class-string<PageScreen> what draws it; null where it has a controller of its own */
    public function screen(): ?string
    {
        return match ($this) {
            self::Contact => ContactScreen::class,
            self::Coverage => CoverageScreen::class,
            self::Roles => RoleScreen::class,
            self::Colors => ColorScreen::class,
            self::Prices => PriceScreen::class,
            self::Rows => ProductRowsScreen::class,
            self::Details => DetailsScreen::class,
            self::Board, self::Preview, self::History => null,
        };
    }

    /** @return list<self> those that a screen draws, and from which the product is changed */
    public static function drawn(): array
    {
        return array_values(array_filter(self::cases(), fn(self $page): bool => $page->screen() !== null));
    }
}
