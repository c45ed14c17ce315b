<?php

declare(strict_types=1);

namespace Tests\Soak;

use App\Ledger\RowChange;
use App\Models\HistoryEntry;
use App\Models\PhotoState;
use App\Models\Product;
use App\Store\Products\ProductColors;
use App\Store\Products\ProductLoader;
use App\Summaries\ProductCounting;
use App\Summaries\SkuCounting;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Product\Sku;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether what was answered as kept is there, and nothing else; nothing half done; history replays to the data. */
final class Verdict
{
    /** What a product's history tells in full. */
    private const TABLES = ['product_axes', 'product_values', 'skus', 'placements', 'facts', 'details'];

    /** @var list<string> */
    private array $faults = [];

    /** @param  array<string, mixed>  $stage */
    public function __construct(private readonly array $stage, private readonly string $folder) {}

    public function say(): int
    {
        $deeds = $answers = $shared = [];
        $gap = 0;
        foreach (array_keys($this->stage['people']) as $at) {
            $told = json_decode((string) @file_get_contents("{$this->folder}/{$at}.json"), true);
            if (!is_array($told)) {
                $this->faults[] = "Client {$at} did not come to its end";

                continue;
            }
            $this->compare($told);
            $shared = [...$shared, ...$told['shared']];
            $gap = max($gap, $told['gap']);
            foreach (['deeds', 'answers'] as $counted) {
                foreach ($told[$counted] as $kind => $count) {
                    $$counted[$kind] = ($$counted[$kind] ?? 0) + $count;
                }
            }
        }
        $this->compareShared($shared);
        $this->replay();
        $this->pictures();
        $this->counts();
        foreach ([500, 419, 401, 403, 404, 405] as $status) {
            if (isset($answers[$status])) {
                $this->faults[] = "{$answers[$status]} answers were {$status}";
            }
        }
        $errors = (int) DB::table('failed_jobs')->count();
        if ($errors > 0) {
            $this->faults[] = "{$errors} jobs failed";
        }
        ksort($deeds);
        ksort($answers);
        printf(
            "  changes kept: %s (%s)\n",
            number_format(array_sum($deeds)),
            implode(
                ', ',
                array_map(fn(string $kind, int $count): string => "{$count} {$kind}", array_keys($deeds), $deeds),
            ),
        );
        printf(
            "  answers: %s; the longest that anybody waited for one: %.1f s\n",
            implode(
                ', ',
                array_map(
                    fn(int $status, int $count): string => ($status === 0 ? 'none' : (string) $status) . " × {$count}",
                    array_keys($answers),
                    $answers,
                ),
            ),
            $gap,
        );
        printf(
            "  pictures: %d, all with their sizes; history entries replayed: %d\n",
            DB::table('photos')->count(),
            DB::table('history')->count(),
        );
        foreach ($this->faults as $fault) {
            echo "  NOT: {$fault}\n";
        }

        return $this->faults === [] ? 0 : 1;
    }

    /** @param  array<string, mixed>  $told */
    private function compare(array $told): void
    {
        $product = Product::query()->where('code', $told['product'])->sole();
        $loaded = app(ProductLoader::class)->load($product);
        $found = ['stock' => [], 'price' => [], 'files' => []];
        foreach ($loaded->core->made as $key => $sku) {
            assert($sku instanceof Sku);
            $row = DB::table('skus')->where('product_id', $product->id)->where('code', $sku->code)->sole();
            if ($row->stock !== null) {
                $found['stock'][$key] = (int) $row->stock;
            }
            if ($row->price !== null) {
                $found['price'][$key] = (string) $row->price;
            }
        }
        $linked = [];
        foreach ($loaded->placements as $placement) {
            $found['files'][$placement->file()] = $loaded->isLinked($placement);
            $linked[$placement->file()] = ($told['model']['files'][$placement->file()] ?? '') !== '';
        }
        $model =
            ['files' => array_map(fn(string $onto): bool => $onto !== '', $told['model']['files'])] + $told['model'];
        foreach ($model as $kind => $kept) {
            $lost =
                array_diff_key($kept, $found[$kind]) +
                array_filter(
                    $kept,
                    fn(mixed $value, string $key): bool => isset($found[$kind][$key]) &&
                        (string) $found[$kind][$key] !== (string) $value &&
                        (float) $found[$kind][$key] !== (float) $value,
                    ARRAY_FILTER_USE_BOTH,
                );
            $more = array_diff_key($found[$kind], $kept);
            if ($lost !== [] || $more !== []) {
                $this->faults[] =
                    "{$told['product']}, {$kind}: was answered as kept " .
                    json_encode($lost) .
                    ', is there ' .
                    json_encode(array_intersect_key($found[$kind], $lost) + $more);
            }
        }
        $entries = HistoryEntry::query()->where('product_id', $product->id)->whereNull('undone_at')->count();
        // The product was made, and its axes were built.
        if ($entries !== $told['entries'] + 2) {
            $this->faults[] = "{$told['product']} has {$entries} entries that hold, {$told['entries']} changes were answered as kept";
        }
    }

    /** @param  list<int>  $numbers */
    private function compareShared(array $numbers): void
    {
        $product = Product::query()->where('code', 'SHARED')->sole();
        $words = HistoryEntry::query()->where('product_id', $product->id)->where('action', 'SetStock')->pluck('words');
        $told = $words
            ->map(
                fn(string $words): int => (int) str_replace(
                    ',',
                    '',
                    preg_match('/set to ([\d,]+)/', $words, $found) === 1 ? $found[1] : '0',
                ),
            )
            ->all();
        sort($told);
        sort($numbers);
        if ($told !== $numbers) {
            $this->faults[] =
                'The shared product: lost ' .
                json_encode(array_values(array_diff($numbers, $told))) .
                ', made unasked or twice ' .
                json_encode(array_values(array_diff_assoc($told, array_unique($told)))) .
                json_encode(array_values(array_diff($told, $numbers)));
        }
    }

    /** All entries that hold, one after the other on nothing, give the rows that are there. */
    private function replay(): void
    {
        foreach (Product::query()->get() as $product) {
            $rows = array_fill_keys(self::TABLES, []);
            try {
                foreach (
                    HistoryEntry::query()
                        ->where('product_id', $product->id)
                        ->whereNull('undone_at')
                        ->oldest('id')
                        ->get()
                    as $entry
                ) {
                    foreach ($entry->rowChanges() as $change) {
                        if (isset($rows[$change->table])) {
                            $rows[$change->table] = $this->applied($rows[$change->table], $change);
                        }
                    }
                }
            } catch (Throwable $fault) {
                $this->faults[] = "The history of {$product->code} does not replay: {$fault->getMessage()}";

                continue;
            }
            // Whence a SKU came is said only where products were combined.
            $rows['skus'] = array_map(fn(array $sku): array => $sku + ['came_from_id' => null], $rows['skus']);
            foreach (self::TABLES as $table) {
                $there = DB::table($table)
                    ->where('product_id', $product->id)
                    ->get()
                    ->keyBy('id')
                    ->map(fn(object $row): array => (array) $row)
                    ->all();
                if ($rows[$table] != $there) {
                    $this->faults[] =
                        "The history of {$product->code} replays to other {$table}: " .
                        json_encode([array_keys($rows[$table]), array_keys($there)]);
                }
            }
        }
    }

    /**
     * @param  array<int, array<string, mixed>>  $rows
     * @return array<int, array<string, mixed>>
     */
    private function applied(array $rows, RowChange $change): array
    {
        $after = $change->appliedTo($rows[$change->id] ?? null);
        if ($after === null) {
            unset($rows[$change->id]);
        } else {
            $rows[$change->id] = $after;
        }

        return $rows;
    }

    private function pictures(): void
    {
        foreach (DB::table('photos')->where('state', '<>', PhotoState::Ready->value)->get() as $photo) {
            $this->faults[] = "Picture {$photo->id} is stuck: {$photo->state} {$photo->failure}";
        }
    }

    private function counts(): void
    {
        foreach (Product::query()->get() as $product) {
            $counted = app(ProductCounting::class)->of(app(ProductLoader::class)->load($product));
            $kept = (array) DB::table('product_summaries')->where('product_id', $product->id)->first();
            foreach ($counted as $column => $value) {
                if (
                    !array_key_exists($column, $kept) ||
                    (string) $kept[$column] !== (string) (is_bool($value) ? (int) $value : $value)
                ) {
                    $this->faults[] =
                        "{$product->code} is counted wrongly: {$column} " .
                        json_encode($kept[$column] ?? null) .
                        ' is kept, ' .
                        json_encode($value) .
                        ' is right';
                }
            }
            $loaded = app(ProductLoader::class)->load($product);
            $found = Checks::counts(new CheckedProduct($loaded->core, (new ProductColors($loaded))->all()));
            $keptFindings = DB::table('finding_counts')->where('product_id', $product->id)->pluck('found', 'check_key');
            if ($found != $keptFindings->all()) {
                $this->faults[] =
                    "The findings of {$product->code} are counted wrongly: {$keptFindings} is kept, " .
                    json_encode($found) .
                    ' is right';
            }
            $skus = app(SkuCounting::class)->of(app(ProductLoader::class)->load($product));
            $keptSkus = DB::table('sku_summaries')
                ->where('product_id', $product->id)
                ->get()
                ->keyBy('sku_id')
                ->map(fn(object $row): array => (array) $row)
                ->all();
            ksort($skus);
            ksort($keptSkus);
            if ($skus != $keptSkus) {
                $this->faults[] =
                    "The SKUs of {$product->code} are counted wrongly: " . json_encode([$keptSkus, $skus]);
            }
        }
    }
}
