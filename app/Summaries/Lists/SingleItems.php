<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use App\Store\Products\CatalogLookup;
use Core\Combining\Item;
use Core\Combining\ItemGroup;
use Core\Combining\ItemGrouper;
use Core\Combining\ItemWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Products without axes, and those of them that look like one product. */
final readonly class SingleItems
{
    /** Items that are looked at together. */
    public const MOST = 50_000;

    public function __construct(private CatalogLookup $catalog) {}

    /**
     * @param  ?list<string>  $codes  of the products that are looked at; null for all
     * @return list<ItemGroup> the doubtful ones first
     */
    public function groups(?array $codes = null): array
    {
        $rows = DB::table('products')
            ->whereNull('removed_at')
            // Products that a person chose may have axes of their own: one for each color.
            ->when(
                $codes !== null,
                fn(Builder $query) => $query->whereIn('code', $codes ?? []),
                fn(Builder $query) => $query->whereNotExists(
                    fn(Builder $axes) => $axes
                        ->from('product_axes')
                        ->whereColumn('product_axes.product_id', 'products.id')
                        ->whereNotNull('position'),
                ),
            )
            ->orderBy('id')
            ->limit(self::MOST)
            ->get(['id', 'code', 'name'])
            ->map(fn(stdClass $row): Item => new Item($row->id, $row->code, $row->name));

        return (new ItemGrouper(new ItemWords($this->catalog->allAxes())))->groups($rows);
    }
}
