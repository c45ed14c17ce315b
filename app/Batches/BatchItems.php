<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\BatchProductState;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;

/** The products of a batch, each with the part of it that is meant and what became of it. */
final class BatchItems
{
    private const TABLE = 'batch_products';

    private const CHUNK = 1_000;

    /**
     * @param  iterable<int|string>  $products  ids; of one that is yet to be what it is called
     * @return int how many there are
     */
    public static function add(Batch $batch, iterable $products, Selection $where): int
    {
        $count = 0;
        $rows = [];
        foreach ($products as $product) {
            $count++;
            $rows[] = [
                'batch_id' => $batch->id,
                'position' => $count,
                'product_id' => is_int($product) ? $product : null,
                'title' => is_int($product) ? '' : mb_strimwidth($product, 0, 200, '…'),
                'state' => BatchProductState::Waiting->value,
                'selection' => $where->key(),
            ];
            if (count($rows) === self::CHUNK) {
                DB::table(self::TABLE)->insert($rows);
                $rows = [];
            }
        }
        DB::table(self::TABLE)->insert($rows);

        return $count;
    }

    /** @param  list<BatchProductState>  $states  of those that are tried again */
    public static function again(Batch $batch, array $states): void
    {
        DB::table(self::TABLE)
            ->where('batch_id', $batch->id)
            ->whereIn('state', array_map(fn(BatchProductState $state): string => $state->value, $states))
            ->update(['state' => BatchProductState::Waiting->value, 'words' => '', 'history_id' => null]);
    }

    public static function hasAny(Batch $batch, BatchProductState $state): bool
    {
        return DB::table(self::TABLE)->where('batch_id', $batch->id)->where('state', $state->value)->exists();
    }
}
