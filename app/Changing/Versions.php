<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\Announcer;
use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** The next versions of many products that were changed together. */
final readonly class Versions
{
    public function __construct(private Announcer $announcer) {}

    /** @param  list<int>  $productIds */
    public function advance(array $productIds): void
    {
        if ($productIds === []) {
            return;
        }
        Product::query()
            ->whereKey($productIds)
            ->update([
                'version' => DB::raw('version + 1'),
                'revision' => DB::raw('revision + 1'),
                'is_counted' => false,
                'updated_at' => now(),
            ]);
        $this->announcer->changed();
    }
}
