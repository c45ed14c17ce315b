<?php

declare(strict_types=1);

namespace App\Store\Library;

use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Which products use what of the library. */
final class Usage
{
    private const SHOWN = 8;

    /** @return list<string> names of the products that use a value at the moment */
    public function ofValue(int $valueId): array
    {
        return $this->names($this->inUse()->where('used.value_id', $valueId));
    }

    /** @return list<string> names of the products that use a value, or have used it */
    public function everOfValue(int $valueId): array
    {
        return $this->names($this->rows('product_values')->where('used.value_id', $valueId));
    }

    /** @return list<string> */
    public function ofAxis(int $axisId): array
    {
        return $this->names($this->rows('product_axes')->where('used.axis_id', $axisId)->whereNotNull('used.position'));
    }

    /** @return list<string> */
    public function everOfAxis(int $axisId): array
    {
        return $this->names($this->rows('product_axes')->where('used.axis_id', $axisId));
    }

    /** @return list<string> names of the products that have pictures of a view */
    public function ofView(string $key): array
    {
        return $this->names($this->rows('placements')->where('used.view', $key)->distinct()->select('products.name'));
    }

    /** @return list<string> names of the products that say of their own whether they need a view */
    public function askingFor(string $key): array
    {
        return $this->names(DB::table('products')->where('shots', 'like', '%["' . addcslashes($key, '%_\\') . '",%'));
    }

    /** @return list<string> names of the products that have a shot list, also of those whose making was undone */
    public function everOfShotList(int $listId): array
    {
        return $this->names(DB::table('products')->where('shot_list_id', $listId));
    }

    /** @return array<int, int> shot list id => how many products have it */
    public function countsByShotList(): array
    {
        return DB::table('products')
            ->whereNull('removed_at')
            ->whereNotNull('shot_list_id')
            ->groupBy('shot_list_id')
            ->selectRaw('shot_list_id, count(*) as products')
            ->pluck('products', 'shot_list_id')
            ->all();
    }

    /** @return array<string, int> view's key => how many pictures show it */
    public function countsByView(): array
    {
        return $this->rows('placements')
            ->whereNotNull('used.view')
            ->groupBy('used.view')
            ->selectRaw('used.view, count(*) as pictures')
            ->pluck('pictures', 'view')
            ->all();
    }

    /** @return array<int, int> value id => how many products use it */
    public function countsByValue(int $axisId): array
    {
        return $this->inUse()
            ->where('used.axis_id', $axisId)
            ->groupBy('used.value_id')
            ->selectRaw('used.value_id, count(*) as products')
            ->pluck('products', 'value_id')
            ->all();
    }

    /** @return array<int, int> axis id => how many products use it */
    public function countsByAxis(): array
    {
        return $this->rows('product_axes')
            ->whereNotNull('used.position')
            ->groupBy('used.axis_id')
            ->selectRaw('used.axis_id, count(*) as products')
            ->pluck('products', 'axis_id')
            ->all();
    }

    /**
     * "Potting smock, Rain cape and 12 more"
     *
     * @param  list<string>  $products
     */
    public static function inWords(array $products): string
    {
        $more = count($products) - self::SHOWN;

        return implode(', ', array_slice($products, 0, self::SHOWN)) . ($more > 0 ? " and {$more} more" : '');
    }

    /** Values that products have at the moment: with a place, on an axis that has one. */
    private function inUse(): Builder
    {
        return $this->rows('product_values')
            ->whereNotNull('used.position')
            ->join(
                'product_axes',
                fn(JoinClause $own) => $own
                    ->on('product_axes.product_id', '=', 'used.product_id')
                    ->on('product_axes.axis_id', '=', 'used.axis_id'),
            )
            ->whereNotNull('product_axes.position');
    }

    private function rows(string $table): Builder
    {
        return DB::table("{$table} as used")
            ->join('products', 'products.id', '=', 'used.product_id')
            ->whereNull('products.removed_at');
    }

    /** @return list<string> */
    private function names(Builder $rows): array
    {
        return array_values($rows->orderBy('products.name')->pluck('products.name')->all());
    }
}
