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

    /** @return list<DrawnBanner> categories that any product is in, and those that have a banner */
    public function categories(): array
    {
        $own = $this->banners->ofCategories();
        $all = [];
        foreach (Totals::all()['category'] ?? [] as $name => $products) {
            if ((string) $name !== '') {
                $all[(string) $name] = new DrawnBanner((string) $name, $own[(string) $name] ?? null, $products);
            }
        }
        foreach ($own as $name => $banner) {
            $all[$name] ??= new DrawnBanner($name, $banner);
        }

        return array_values($all);
    }

    /** @return list<DrawnBanner> landing pages by name */
    public function pages(): array
    {
        return array_map(
            fn(Banner $banner): DrawnBanner => new DrawnBanner($banner->name, $banner),
            $this->banners->ofPages(),
        );
    }
}
