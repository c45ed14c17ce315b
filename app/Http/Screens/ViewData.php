<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Http\Screens\Catalog\LibraryScreen;
use App\Http\Screens\Catalog\PatternSample;
use App\Models\LibraryAxis;
use App\Models\Right;
use App\Store\Library\AltPatterns;
use Closure;
use Core\Changes\Pictures\PictureWay;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Core\Color\ColorOrder;
use Core\Color\Swatches\Tile;
use Core\Details\Counting;
use Core\Details\FactKind;
use Core\Gallery\AltTexts\AltText;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Roles\Role;
use Core\Gallery\Showing;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Pricing\BreakScope;
use Core\Pricing\Currency;
use Illuminate\View\View as DrawnView;

/** What views are given whoever draws them: what their forms offer to choose from, and what their lists count. */
final class ViewData
{
    /** @return array<string, Closure(DrawnView): array<string, mixed>> view => what it is given */
    public static function byView(): array
    {
        return [
            'accounts.rights' => fn(): array => ['rights' => Right::cases()],
            'batches.pictures' => fn(): array => ['ways' => PictureWay::cases()],
            'board.about' => fn(): array => ['roles' => Role::cases()],
            'board.counting' => fn(): array => ['ways' => Counting::cases()],
            'colors.inner' => fn(): array => ['displays' => AxisDisplay::cases()],
            'colors.order' => fn(): array => ['orders' => ColorOrder::cases()],
            'colors.swatch' => fn(): array => ['tiles' => Tile::cases()],
            'coverage.hole' => fn(): array => ['needs' => Need::cases()],
            'details.currency' => fn(): array => ['currencies' => Currency::codes()],
            'details.facts' => fn(): array => ['kinds' => FactKind::cases()],
            'layout.keys' => fn(): array => [
                'place' => match (true) {
                    request()->routeIs('intake*') => 'intake',
                    request()->routeIs('contact') => 'contact',
                    request()->routeIs('shoot') => 'shoot',
                    default => 'board',
                },
            ],
            'library.axes' => fn(DrawnView $view): array => [
                'products' => self::library($view)->productsByAxis(),
                'values' => self::library($view)->valuesByAxis(),
            ],
            'library.axis' => fn(DrawnView $view): array => [
                'axis' => self::axis($view)->load('values'),
                'usedBy' => self::library($view)->usedBy(self::axis($view)),
                'products' => self::library($view)->productsByValue(self::axis($view)),
                'lacking' => self::library($view)->lacking(self::axis($view)),
            ],
            'library.axis-fields' => fn(): array => ['kinds' => AxisKind::cases(), 'displays' => AxisDisplay::cases()],
            'library.code-pattern' => fn(): array => ['cases' => LetterCase::cases()],
            'library.codes' => fn(): array => ['usual' => CodePattern::usual()],
            'library.texts' => fn(DrawnView $view): array => [
                'parts' => array_map(fn(string $part): string => '{' . $part . '}', AltText::PARTS),
                'samples' => PatternSample::of(self::patterns($view)->all()),
            ],
            'library.head' => fn(DrawnView $view): array => ['at' => self::place($view->getData()['part'])],
            'library.shots' => fn(DrawnView $view): array => [
                'lists' => self::library($view)->shotLists(),
                'views' => self::library($view)->views(),
                'names' => self::library($view)->views()->pluck('name', 'key'),
                'products' => self::library($view)->productsByShotList(),
                'pictures' => self::library($view)->picturesByView(),
            ],
            'library.view' => fn(): array => ['showings' => Showing::cases()],
            'prices.inner' => fn(): array => ['scopes' => BreakScope::cases()],
            'roles.inner' => fn(): array => ['roles' => Role::cases()],
            'roles.rule' => fn(): array => ['roles' => Role::cases()],
        ];
    }

    private static function library(DrawnView $view): LibraryScreen
    {
        return $view->getData()['library'];
    }

    private static function axis(DrawnView $view): LibraryAxis
    {
        return $view->getData()['axis'];
    }

    private static function patterns(DrawnView $view): AltPatterns
    {
        return $view->getData()['patterns'];
    }

    /** The place of the library to which a part of it belongs. */
    private static function place(string $part): string
    {
        return $part === 'axis' || $part === 'colors' ? 'axes' : $part;
    }
}
