<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Media\PhotoSize;
use App\Store\Library\LibraryShelf;
use App\Store\Library\ValueLabel;
use App\Store\Library\ValueLabels;
use App\Store\Library\ViewShelf;
use App\Summaries\Lists\ListedProduct;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ProductList;
use App\Summaries\Summaries;
use App\Summaries\Totals;

/** The products as rows, from their kept counts. */
final class CatalogScreen
{
    public function __construct(
        private readonly ProductList $list,
        private readonly ValueLabels $labels,
        private readonly LibraryShelf $shelf,
        private readonly ViewShelf $views,
    ) {}

    public function page(ListQuery $asked, string $place = 'catalog'): CatalogPage
    {
        $page = $this->list->page($asked);
        $labels = $this->labels->of(array_map(fn(ListedProduct $product): int => $product->id, $page->rows));

        return new CatalogPage(
            array_map(
                fn(ListedProduct $product): CatalogRow => $this->row($product, $labels[$product->id] ?? []),
                $page->rows,
            ),
            $page,
            $asked,
            Totals::all(),
            $this->shelf->shotLists()->pluck('name', 'id')->all(),
            Summaries::waiting(),
            array_column($this->views->views()->all, 'name', 'key'),
            $place,
        );
    }

    /** @param  array<int, ValueLabel>  $labels  by value id */
    private function row(ListedProduct $product, array $labels): CatalogRow
    {
        $known = fn(array $ids): array => array_values(
            array_filter(array_map(fn(int $id): ?ValueLabel => $labels[$id] ?? null, $ids)),
        );

        return new CatalogRow(
            $product->code,
            $product->name,
            $product->category,
            $product->cardPhotoId === null ? null : PhotoSize::Thumb->address($product->cardPhotoId),
            $product->cardText,
            $known($product->colors),
            implode($product->sizeCount > 2 ? '–' : ', ', array_column($known($product->sizes), 'label')),
            $product->skus,
            $product->cells,
            $product->leftOut,
            $product->pictures,
            $product->tray,
            $product->coverage,
            $product->prices,
            $product->units,
            $product->notCounted,
            $product->changedAt->setTimezone(config('slate.readers_zone'))->translatedFormat('j M'),
            $product->holes,
            $product->touched,
        );
    }
}
