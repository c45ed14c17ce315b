<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\Banner;
use App\Models\BannerKind;
use Core\Text\Name;

/** The banners of categories and landing pages. */
final class Banners
{
    /** @return array<string, Banner> by the category's path */
    public function ofCategories(): array
    {
        return Banner::query()->where('kind', BannerKind::Category)->orderBy('name')->get()->keyBy('name')->all();
    }

    /** @return list<Banner> */
    public function ofPages(): array
    {
        return array_values(Banner::query()->where('kind', BannerKind::Page)->orderBy('name')->get()->all());
    }

    /** Of a category, or of the nearest above it that has one. */
    public function of(string $category): ?Banner
    {
        $parts = $category === '' ? [] : explode(' > ', $category);
        $names = [];
        while ($parts !== []) {
            $names[] = Name::of(implode(' > ', $parts))->folded;
            array_pop($parts);
        }
        $found =
            $names === []
                ? []
                : Banner::query()
                    ->where('kind', BannerKind::Category)
                    ->whereIn('folded', $names)
                    ->get()
                    ->keyBy('folded')
                    ->all();
        foreach ($names as $name) {
            if (isset($found[$name])) {
                return $found[$name];
            }
        }

        return null;
    }
}
