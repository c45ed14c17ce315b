<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Models\Banner;
use App\Store\Library\Banners;
use App\Summaries\Totals;

/** The categories and landing pages of the shop, with their banners. */
final readonly class BannerScreen
{
    public function __construct(private Banners $banners) {}

    /** @return array<string, array{int, ?Banner}> category => products in it, and its banner */
    public function categories(): array
    {
        $own = $this->banners->ofCategories();
        $all = [];
        foreach (Totals::all()['category'] ?? [] as $name => $products) {
            if ((string) $name !== '') {
                $all[(string) $name] = [$products, $own[(string) $name] ?? null];
            }
        }
        foreach ($own as $name => $banner) {
            $all[$name] ??= [0, $banner];
        }

        return $all;
    }

    /** @return list<Banner> by name */
    public function pages(): array
    {
        return $this->banners->ofPages();
    }
}
