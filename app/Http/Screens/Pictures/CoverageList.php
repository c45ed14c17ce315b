<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Http\Screens\Catalog\CatalogPage;
use App\Http\Screens\Catalog\CatalogRow;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Models\ShotListRecord;
use App\Store\Library\LibraryShelf;
use App\Store\Library\ViewShelf;
use App\Summaries\Coverage\ViewCoverage;
use App\Summaries\Coverage\ViewCoverages;
use App\Summaries\Lists\ListQuery;
use Core\Gallery\View;

/** The coverage map over the catalog: products down, views across, from the kept counts. */
final class CoverageList
{
    public CatalogPage $page;

    /** @var array<string, array<string, ViewCoverage>> product code => view's key */
    private array $kept = [];

    public function __construct(
        private readonly CatalogScreen $catalog,
        private readonly ViewCoverages $coverages,
        private readonly LibraryShelf $library,
        private readonly ViewShelf $shelf,
    ) {}

    public function show(ListQuery $asked): self
    {
        $this->page = $this->catalog->page($asked, 'coverage.catalog');
        $ids = array_column($this->page->list->rows, 'id', 'code');
        $kept = $this->coverages->of(array_values($ids));
        $this->kept = array_map(fn(int $id): array => $kept[$id] ?? [], $ids);

        return $this;
    }

    /** @return list<View> those of any shot list, and those that a product shown here asks for itself */
    public function views(): array
    {
        $keys = [];
        foreach ($this->library->shotLists() as $list) {
            /** @var ShotListRecord $list */
            $keys += array_flip($list->views);
        }
        foreach ($this->kept as $views) {
            $keys += $views;
        }

        return array_values(array_filter($this->shelf->views()->all, fn(View $view): bool => isset($keys[$view->key])));
    }

    /** @return ?ViewCoverage null where the product's list does not have the view */
    public function cell(CatalogRow $row, View $view): ?ViewCoverage
    {
        return $this->kept[$row->code][$view->key] ?? null;
    }
}
