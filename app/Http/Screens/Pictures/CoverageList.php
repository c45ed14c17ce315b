<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Http\Screens\Catalog\CatalogPage;
use App\Http\Screens\Catalog\CatalogRow;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Http\Screens\Catalog\Column;
use App\Models\ShotListRecord;
use App\Store\Library\LibraryShelf;
use App\Store\Library\ViewShelf;
use App\Summaries\Coverage\ViewCoverage;
use App\Summaries\Coverage\ViewCoverages;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;
use Core\Gallery\View;

/** The coverage map over the catalog: products down, views across, from the kept counts. */
final class CoverageList
{
    public CatalogPage $page;

    /** @var ?list<View> once they were asked for */
    private ?array $views = null;

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
        $this->views = null;
        $this->kept = array_map(fn(int $id): array => $kept[$id] ?? [], $ids);

        return $this;
    }

    /** @return list<View> those of any shot list, and those that a product shown here asks for itself */
    public function views(): array
    {
        return $this->views ??= $this->read();
    }

    /** @return list<View> */
    private function read(): array
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

    /** @return list<CoverageListCell> */
    public function cells(CatalogRow $row): array
    {
        return array_map(
            fn(View $view): CoverageListCell => new CoverageListCell(
                $view,
                $this->kept[$row->code][$view->key] ?? null,
            ),
            $this->views(),
        );
    }

    /** @return list<Column> those before the views */
    public function columns(): array
    {
        return [
            new Column(__('coverage.column_product'), ListSort::Name),
            new Column(__('coverage.column_complete'), ListSort::Coverage, 'number'),
            new Column(__('coverage.column_missing'), ListSort::Holes, 'number'),
            new Column(__('coverage.column_touched'), ListSort::Touched, 'number'),
        ];
    }
}
