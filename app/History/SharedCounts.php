<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\ChangeLog;
use App\Ledger\Replay;
use App\Models\Product;
use App\Store\AltPatterns;
use App\Store\ViewShelf;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What products share and are counted by: a change of it, or its undo, has them counted anew. */
final readonly class SharedCounts
{
    public function __construct(private Announcer $announcer, private ViewShelf $shelf, private AltPatterns $patterns)
    {
    }

    public function follow(ChangeLog|Replay $changes): void
    {
        foreach (['axes', 'shot_lists', 'views', 'alt_patterns'] as $table) {
            $ids = $changes->idsOf($table);
            if ($ids !== []) {
                $this->shelf->forget();
                $this->patterns->forget();
            }
            if ($ids !== [] && Product::query()->whereIn('id', $this->countedBy($table, $ids))->update(['revision' => DB::raw('revision + 1'), 'is_counted' => false]) > 0) {
                $this->announcer->changed();
            }
        }
    }

    /**
     * @param  list<int>  $ids
     * @return Builder ids of the products that are counted by them
     */
    private function countedBy(string $table, array $ids): Builder
    {
        return match ($table) {
            'axes' => DB::table('product_axes')->whereIn('axis_id', $ids)->select('product_id'),
            'shot_lists' => DB::table('products')->whereIn('shot_list_id', $ids)->select('id'),
            'alt_patterns' => DB::table('placements')->select('product_id'),
            default => DB::table('placements')->whereIn('view', DB::table('views')->whereIn('id', $ids)->select('key'))->select('product_id'),
        };
    }
}
