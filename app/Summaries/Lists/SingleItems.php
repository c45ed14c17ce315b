<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use App\Store\Products\CatalogLookup;
use Core\Combining\Item;
use Core\Combining\ItemGroup;
use Core\Combining\ItemGrouper;
use Core\Combining\ItemReader;
use Core\Combining\ItemWords;
use Core\Combining\ReadItem;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Products without axes, and those of them that look like one product. */
final readonly class SingleItems
{
    /** Items that are looked at together. */
    public const MOST = 50_000;

    /** Items that are shown to be added to a product. */
    private const MOST_READ = 200;

    public function __construct(private CatalogLookup $catalog) {}

    /**
     * Single items with what their names say: those of these codes, or those that are called as a product is.
     *
     * @param  ?list<string>  $codes  null for those that are called so
     * @return list<ReadItem>
     */
    public function read(string $name, ?array $codes): array
    {
        $reader = new ItemReader(new ItemWords($this->catalog->allAxes()));
        $stem = $reader->read(new Item(0, '', $name))->stem;
        $found = [];
        foreach (
            $this->singles()
                ->when($codes !== null, fn(Builder $query) => $query->whereIn('code', $codes ?? []))
                ->orderBy('id')
                ->limit(self::MOST)
                ->get(['id', 'code', 'name'])
            as $row
        ) {
            $read = $reader->read(new Item($row->id, $row->code, $row->name));
            if ($codes !== null || ($read->stem === $stem && $read->values !== [])) {
                $found[] = $read;
            }
            if (count($found) === self::MOST_READ) {
                break;
            }
        }

        return $found;
    }

    private function singles(): Builder
    {
        return DB::table('products')
            ->whereNull('removed_at')
            ->whereNotExists(
                fn(Builder $axes) => $axes
                    ->from('product_axes')
                    ->whereColumn('product_axes.product_id', 'products.id')
                    ->whereNotNull('position'),
            );
    }

    /**
     * @param  ?list<string>  $codes  of the products that are looked at; null for all
     * @return list<ItemGroup> the doubtful ones first
     */
    public function groups(?array $codes = null): array
    {
        // Products that a person chose may have axes of their own: one for each color.
        $rows = ($codes === null
            ? $this->singles()
            : DB::table('products')->whereNull('removed_at')->whereIn('code', $codes)
        )
            ->orderBy('id')
            ->limit(self::MOST)
            ->get(['id', 'code', 'name'])
            ->map(fn(stdClass $row): Item => new Item($row->id, $row->code, $row->name));

        return (new ItemGrouper(new ItemWords($this->catalog->allAxes())))->groups($rows);
    }
}
