<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\BatchProductState;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What the bulk desk shows of batches. */
final class BatchList
{
    private const PAGE = 20;

    public const PRODUCTS = 50;

    /** @return LengthAwarePaginator<int, Batch> the latest first */
    public function page(): LengthAwarePaginator
    {
        return Batch::with('user')->latest('created_at')->latest('id')->paginate(self::PAGE);
    }

    public function named(string $id): Batch
    {
        return Batch::with('user')->findOrFail($id);
    }

    /**
     * @param  list<string>  $batchIds
     * @return array<string, array<string, int>> batch id => state => products
     */
    public function counts(array $batchIds): array
    {
        $counts = array_fill_keys($batchIds, []);
        foreach (
            DB::table('batch_products')
                ->whereIn('batch_id', $batchIds)
                ->groupBy('batch_id', 'state')
                ->selectRaw('batch_id, state, count(*) as products')
                ->get()
            as $row
        ) {
            $counts[$row->batch_id][$row->state] = (int) $row->products;
        }

        return $counts;
    }

    /**
     * Products of a batch in the order it goes through them.
     *
     * @param  int  $after  the place behind which they stand
     * @return list<BatchedProduct> one more than is shown where there are more
     */
    public function products(string $batchId, BatchProductState $state, int $after): array
    {
        $rows = DB::table('batch_products')
            ->leftJoin('products', 'products.id', '=', 'batch_products.product_id')
            ->where('batch_products.batch_id', $batchId)
            ->where('batch_products.state', $state->value)
            ->where('batch_products.position', '>', $after)
            ->orderBy('batch_products.position')
            ->limit(self::PRODUCTS + 1)
            ->get([
                'batch_products.position',
                'products.code',
                DB::raw('coalesce(products.name, batch_products.title) as name'),
                'batch_products.words',
            ]);

        return array_values(
            array_map(
                fn(stdClass $row): BatchedProduct => new BatchedProduct(
                    (int) $row->position,
                    $row->code,
                    $row->name,
                    (string) $row->words,
                ),
                $rows->all(),
            ),
        );
    }
}
