<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Models\Product;
use App\Store\Library\AltPatterns;
use App\Store\Library\ViewShelf;
use App\Store\Products\Portions;
use App\Store\Products\ProductLoader;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Keeps the counts of products. ProductCounting twice, or by two workers at once, does no harm. */
final class Summaries
{
    public const CHUNK = 25;

    /** @var list<int> products that could not be counted just now */
    private array $setAside = [];

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly ProductCounting $counting,
        private readonly SearchTerms $words,
        private readonly SkuSummaries $skus,
        private readonly LexiconWords $lexicon,
        private readonly CoverageSummaries $coverage,
        private readonly FindingCounts $findings,
        private readonly ViewShelf $shelf,
        private readonly AltPatterns $patterns,
    ) {}

    /** How many products could not be counted just now; why is in the log. */
    public function failed(): int
    {
        return count($this->setAside);
    }

    /** How many products wait to be counted. */
    public static function waiting(): int
    {
        return DB::table('products')->where('is_counted', false)->count();
    }

    /** @return int how many of those that wait were looked at; fewer than a chunk where that was all */
    public function countSome(): int
    {
        $ids = array_values(
            DB::table('products')
                ->where('is_counted', false)
                ->whereNotIn('id', $this->setAside)
                ->orderBy('id')
                ->limit(self::CHUNK)
                ->pluck('id')
                ->all(),
        );
        for ($left = $ids; $left !== []; $left = array_slice($left, count($some))) {
            $this->countOrSetAside($some = Portions::first($left));
        }

        return count($ids);
    }

    /**
     * A product that cannot be counted holds up no other; it is tried again with the next job.
     *
     * @param  list<int>  $productIds
     */
    private function countOrSetAside(array $productIds): void
    {
        try {
            $this->count($productIds);
        } catch (Throwable $fault) {
            if ((new LostConnectionDetector())->causedByLostConnection($fault)) {
                throw $fault;
            }
            if (count($productIds) > 1) {
                array_map(fn(int $id) => $this->countOrSetAside([$id]), $productIds);
            } else {
                report($fault);
                $this->setAside[] = $productIds[0];
            }
        }
    }

    /** @param  list<int>  $productIds */
    public function count(array $productIds): void
    {
        if ($productIds === []) {
            return;
        }
        DB::transaction(function () use ($productIds): void {
            // One snapshot: what is loaded is of the revision that is noted, the library too.
            $this->shelf->forget();
            $this->patterns->forget();
            $products = array_values(Product::query()->whereKey($productIds)->orderBy('id')->get()->all());
            $loaded = $this->loader->loadMany($products);
            $rows = [];
            foreach ($loaded as $one) {
                $rows[$one->product->id] = $this->counting->of($one);
            }
            $kept = array_intersect_key($loaded, array_flip($this->keep($rows, $products)));
            if ($kept !== []) {
                $this->skus->keep($kept);
                $this->coverage->keep($kept);
                $this->findings->keep($kept);
                $this->lexicon->keep($kept);
            }
        }, 3);
    }

    /** Has every product counted anew, by whoever works off the queue. */
    public static function forgetAll(): void
    {
        DB::table('products')->update(['is_counted' => false]);
    }

    /**
     * @param  array<int, array<string, mixed>>  $rows  by product id
     * @param  list<Product>  $products
     * @return list<int> ids of those whose counts are the latest
     */
    private function keep(array $rows, array $products): array
    {
        $before = DB::table('product_summaries')
            ->whereIn('product_id', array_keys($rows))
            ->orderBy('product_id')
            ->lockForUpdate()
            ->get()
            ->keyBy('product_id');
        // Another worker may have counted a later state of it meanwhile.
        $rows = array_filter(
            $rows,
            fn(array $row): bool => ($before[$row['product_id']]->revision ?? 0) <= $row['revision'],
        );
        if ($rows === []) {
            return [];
        }
        $columns = array_values(array_diff(array_keys(reset($rows)), ['product_id']));
        DB::table('product_summaries')->upsert(array_values($rows), ['product_id'], $columns);
        $totals = new Totals();
        foreach ($rows as $id => $row) {
            $totals->note(isset($before[$id]) ? (array) $before[$id] : null, $row);
        }
        // What was changed once more meanwhile waits to be counted again.
        DB::table('products')
            ->join(
                'product_summaries',
                fn($counted) => $counted
                    ->on('product_summaries.product_id', '=', 'products.id')
                    ->on('product_summaries.revision', '=', 'products.revision'),
            )
            ->whereIn('products.id', array_keys($rows))
            ->update(['products.is_counted' => true]);
        $totals->keep();
        $this->words->keep(
            array_values(array_filter($products, fn(Product $product): bool => isset($rows[$product->id]))),
        );

        return array_keys($rows);
    }
}
