<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\ChangeLog;
use App\Ledger\Replay;
use App\Media\PhotosRead;
use App\Models\Product;
use App\Store\Library\AltPatterns;
use App\Store\Library\ViewShelf;
use Core\Checks\Checks;
use Core\Checks\Source;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What products share and are counted by: a change of it, or its undo, has them counted anew. */
final readonly class SharedCounts
{
    public function __construct(
        private Announcer $announcer,
        private ViewShelf $shelf,
        private AltPatterns $patterns,
    ) {}

    public function follow(ChangeLog|Replay $changes): void
    {
        foreach (['axes', 'axis_values', 'shot_lists', 'views', 'alt_patterns'] as $table) {
            $ids = $changes->idsOf($table);
            if ($ids !== []) {
                $this->shelf->forget();
                $this->patterns->forget();
            }
            if ($ids !== []) {
                $this->countAnew($this->countedBy($table, $ids));
            }
        }
    }

    /** Photos were read anew: their colors count. */
    public function photosRead(PhotosRead $read): void
    {
        if (Checks::read(Source::Photo)) {
            $this->countAnew(DB::table('placements')->whereIn('photo_id', $read->photoIds)->select('product_id'));
        }
    }

    /** @param  Builder  $productIds  a query of them */
    private function countAnew(Builder $productIds): void
    {
        $stale = ['revision' => DB::raw('revision + 1'), 'is_counted' => false];
        if (Product::query()->whereIn('id', $productIds)->update($stale) > 0) {
            $this->announcer->changed();
        }
    }

    /**
     * @param  list<int>  $ids
     * @return Builder ids of the products that are counted by them
     */
    private function countedBy(string $table, array $ids): Builder
    {
        return match ($table) {
            'axis_values' => DB::table('product_values')->whereIn('value_id', $ids)->select('product_id'),
            'axes' => DB::table('product_axes')->whereIn('axis_id', $ids)->select('product_id'),
            'shot_lists' => DB::table('products')->whereIn('shot_list_id', $ids)->select('id'),
            'alt_patterns' => DB::table('placements')->select('product_id'),
            default => DB::table('placements')
                ->whereIn('view', DB::table('views')->whereIn('id', $ids)->select('key'))
                ->select('product_id'),
        };
    }
}
