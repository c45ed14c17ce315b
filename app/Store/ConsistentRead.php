<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Reads that belong together are of one moment: what somebody else changes between two of them is seen by all of them
 * or by none. Whoever is in a transaction already reads in that one.
 */
final class ConsistentRead
{
    /**
     * @template T
     *
     * @param  Closure(): T  $reads
     * @return T
     */
    public static function of(Closure $reads): mixed
    {
        return DB::transactionLevel() > 0 ? $reads() : DB::transaction($reads);
    }
}
