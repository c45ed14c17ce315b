<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryValue;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\Checks\FilledGaps;
use Core\Checks\SwatchChecks;
use Core\Matrix\Value;
use Illuminate\Support\Facades\DB;

/** Swatches for what an axis of the library lacks, from the Lead pictures of products that have the values. */
final readonly class LibraryLeads
{
    /** Products that are looked at: those that have most of what lacks come first. */
    private const MOST_PRODUCTS = 30;

    /** Products whose pictures are offered for one swatch. */
    private const LOOKED_AT = 4;

    public function __construct(
        private LibraryShelf $shelf,
        private ProductLoader $loader,
        private LeadSwatches $leads,
    ) {}

    /** @return array{list<Value>, FilledGaps} the values that lack a swatch, and what could be done about it */
    public function of(int $axisId): array
    {
        $axis = $this->shelf->colors($axisId);
        $lacking = SwatchChecks::lacking($axis);
        $gaps = new FilledGaps(
            [],
            array_column(
                array_map(
                    fn(Value $value): array => [
                        $value->id,
                        "{$value->label} is in no product that has a picture of it.",
                    ],
                    $lacking,
                ),
                1,
                0,
            ),
        );
        foreach (
            $this->loader->standing($this->products($axisId, array_map(fn(Value $value): int => $value->id, $lacking)))
            as $loaded
        ) {
            $own = $loaded->core->matrix->axis($axisId);
            $left =
                $own === null
                    ? []
                    : array_values(
                        array_filter(
                            $lacking,
                            fn(Value $value): bool => !isset($gaps->swatches[$value->id]) && $own->has($value->id),
                        ),
                    );
            if ($own !== null && $left !== []) {
                $gaps = $gaps->with($this->leads->of($loaded, $own, $left, $axis->axis->display));
            }
        }

        return [$lacking, $gaps];
    }

    /** @return list<LoadedProduct> some of the products that have a value, to look at their pictures */
    public function having(LibraryValue $value): array
    {
        return $this->loader->standing($this->products($value->axis_id, [$value->id], self::LOOKED_AT));
    }

    /**
     * @param  list<int>  $valueIds
     * @return list<int> ids of products
     */
    private function products(int $axisId, array $valueIds, int $most = self::MOST_PRODUCTS): array
    {
        $rows = DB::table('product_values')
            ->join('products', 'products.id', '=', 'product_values.product_id')
            ->whereNull('products.removed_at')
            ->where('product_values.axis_id', $axisId)
            ->whereIn('product_values.value_id', $valueIds)
            ->whereNotNull('product_values.position')
            ->groupBy('product_values.product_id')
            ->orderByRaw('count(*) desc')
            ->orderBy('product_values.product_id')
            ->limit($most)
            ->pluck('product_values.product_id')
            ->all();

        return array_values(array_map(intval(...), $rows));
    }
}
