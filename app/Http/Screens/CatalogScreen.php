<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Media\PhotoSize;
use App\Store\Library\LibraryShelf;
use App\Store\Library\ValueLabel;
use App\Store\Library\ValueLabels;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ProductList;
use App\Summaries\Summaries;
use App\Summaries\Totals;
use Illuminate\Support\Carbon;
use stdClass;

/** The products as rows, from their kept counts. */
final class CatalogScreen
{
    public function __construct(
        private readonly ProductList $list,
        private readonly ValueLabels $labels,
        private readonly LibraryShelf $shelf,
    ) {
    }

    public function page(ListQuery $asked, string $place = 'catalog'): CatalogPage
    {
        $page = $this->list->page($asked);
        $labels = $this->labels->of(array_map(fn (stdClass $row): int => $row->product_id, $page->rows));

        return new CatalogPage(
            array_map(fn (stdClass $row): CatalogRow => $this->row($row, $labels[$row->product_id] ?? []), $page->rows),
            $page,
            $asked,
            Totals::all(),
            $this->shelf->shotLists()->pluck('name', 'id')->all(),
            Summaries::waiting(),
            $place,
        );
    }

    /** @param  array<int, ValueLabel>  $labels  by value id */
    private function row(stdClass $row, array $labels): CatalogRow
    {
        $known = fn (array $ids): array => array_values(array_filter(array_map(fn (int $id): ?ValueLabel => $labels[$id] ?? null, $ids)));
        $sizes = json_decode($row->sizes, true, 2);

        return new CatalogRow(
            $row->live_code,
            $row->live_name,
            $row->live_category,
            $row->card_photo_id === null ? null : PhotoSize::Thumb->address($row->card_photo_id),
            $row->card_text,
            $known(json_decode($row->colors, true, 2)),
            implode(count($sizes) > 2 ? '–' : ', ', array_column($known(array_filter($sizes)), 'label')),
            $row->skus,
            $row->cells,
            $row->left_out,
            $row->pictures,
            $row->tray,
            $row->coverage < 0 ? null : $row->coverage,
            $row->prices,
            (int) $row->units,
            $row->not_counted,
            Carbon::parse($row->changed_at)->setTimezone(config('slate.readers_zone'))->format('j M'),
            $row->holes,
            $row->touched,
        );
    }
}
