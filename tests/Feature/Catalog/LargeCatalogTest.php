<?php

declare(strict_types=1);

use App\Models\Product;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;
use App\Summaries\Lists\ProductList;
use App\Summaries\Lists\QuickSearch;
use App\Summaries\ProductCounting;
use App\Summaries\Summaries;
use App\Summaries\Totals;
use Database\Seeders\LargeCatalog;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

/** @return list<string> reads of whole tables among the queries that some work makes */
function fullScans(Closure $work): array
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $work();
    $queries = DB::getQueryLog();
    DB::disableQueryLog();
    $scans = [];
    foreach ($queries as ['query' => $query, 'bindings' => $bindings]) {
        foreach (str_starts_with($query, 'select') ? DB::select("explain {$query}", $bindings) : [] as $step) {
            if ($step->type === 'ALL' && !str_starts_with((string) $step->table, '<')) {
                $scans[] = "{$step->table}: {$query}";
            }
        }
    }

    return $scans;
}

it('generates the same catalog from the same seed, whose products are like any other', function (): void {
    $shop = Shop::stocked();
    $this->artisan('slate:generate', [
        '--products' => '12',
        '--skus' => '90',
        '--pictures' => '6',
        '--seed' => '5',
    ])->assertSuccessful();
    $names = DB::table('products')->where('code', 'like', 'GEN-%')->orderBy('id')->pluck('name')->all();
    expect($names)
        ->toHaveCount(12)
        ->and(DB::table('skus')->where('code', 'like', 'GEN-%')->count())
        ->toBeGreaterThan(70)
        ->toBeLessThan(110);
    $code = DB::table('products')->where('code', 'like', 'GEN-%')->value('code');
    $this->actingAs($shop->user)
        ->get("/products/{$code}")
        ->assertOk();
    $this->artisan('slate:export', [
        'file' => ($path = tempnam(sys_get_temp_dir(), 'slate') . '.csv'),
        '--product' => [$code],
    ])->assertSuccessful();
    expect(file_get_contents($path))->toContain($code);
    $this->artisan('slate:generate', [
        '--products' => '12',
        '--skus' => '90',
        '--pictures' => '6',
        '--seed' => '5',
    ])->assertSuccessful();
    expect(
        DB::table('products')
            ->where('code', 'like', 'GEN-%')
            ->orderByDesc('id')
            ->limit(12)
            ->pluck('name')
            ->reverse()
            ->values()
            ->all(),
    )->toBe($names);
    $this->artisan('slate:generate', ['--products' => 'many'])->assertExitCode(2);
});

it('reads no table whole for any page of the catalog, or for what is typed into the top bar', function (): void {
    Shop::stocked();
    LargeCatalog::make(700, 3_000, 4, 3, fn(int $at): int => $at);
    $this->artisan('slate:recount', ['--waiting' => true]);
    $list = app(ProductList::class);
    $asked = [
        new ListQuery(),
        new ListQuery(before: 'end'),
        new ListQuery('', ['state' => 'lacking', 'stock' => 'partly']),
    ];
    foreach (
        ['orchard', 'orch smo', 'gen', 'GEN-00', 'GEN-000005-M', '2000', 'gen-000007_', 'orchrad', 'zzzz']
        as $typed
    ) {
        array_push(
            $asked,
            new ListQuery($typed),
            new ListQuery($typed, ['state' => 'complete'], ListSort::Stock, true),
        );
    }
    foreach (
        ['state' => 'complete', 'stock' => 'sold out', 'category' => 'Hats', 'tray' => 'some', 'price' => 'none']
        as $facet => $value
    ) {
        $asked[] = new ListQuery('', [$facet => $value]);
    }
    foreach (ListSort::cases() as $sort) {
        array_push($asked, new ListQuery(sort: $sort), new ListQuery(sort: $sort, descending: true, before: 'end'));
        $asked[] = new ListQuery(sort: $sort, after: $list->page(new ListQuery(sort: $sort))->later);
    }
    foreach ($asked as $query) {
        expect(fullScans(fn() => $list->page($query)))->toBe([], json_encode($query));
    }
    foreach (['orch', 'GEN-00', 'gen-000007', '2000', 'orchrad'] as $typed) {
        expect(fullScans(fn() => app(QuickSearch::class)->hits($typed)))->toBe([], $typed);
    }
});

it('asks as many queries for a page of the catalog with many products as with few', function (): void {
    $shop = Shop::stocked();
    $queries = function (string $address): int {
        // As a request finds them: nothing is read yet.
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($address)->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $this->actingAs($shop->user);
    $few = $queries('/');
    LargeCatalog::make(60, 300, 2, 3, fn(int $at): int => $at);
    $this->artisan('slate:recount', ['--waiting' => true]);
    expect($queries('/'))->toBe($few)->and($few)->toBeLessThan(12);
});

it('counts each product once however it is asked, and totals that add up', function (): void {
    $shop = Shop::stocked();
    LargeCatalog::make(40, 200, 4, 9, fn(int $at): int => $at);
    app(Summaries::class)->count(Product::query()->pluck('id')->all());
    app(Summaries::class)->count(Product::query()->limit(20)->pluck('id')->all());
    $kept = Totals::all();
    $this->artisan('slate:recount')->assertSuccessful();
    expect(Totals::all())
        ->toBe($kept)
        ->and($kept['all'][''])
        ->toBe(41)
        ->and(array_sum($kept['state']))
        ->toBe(41)
        ->and(array_sum($kept['category']))
        ->toBe(41);
    foreach (Product::query()->get() as $product) {
        $counted = app(ProductCounting::class)->of(app(App\Store\Products\ProductLoader::class)->load($product));
        expect(DB::table('product_summaries')->where('product_id', $product->id)->value('skus'))
            ->toBe($counted['skus'])
            ->and(DB::table('sku_summaries')->where('product_id', $product->id)->count())
            ->toBe($counted['skus']);
    }
    // An older count that comes late takes nothing back.
    DB::table('product_summaries')
        ->where('product_id', $shop->product->id)
        ->update(['revision' => 9_999, 'units' => 7]);
    app(Summaries::class)->count([$shop->product->id]);
    expect((int) DB::table('product_summaries')->where('product_id', $shop->product->id)->value('units'))->toBe(7);
});

it('sets a product aside that cannot be counted, and counts those after it', function (): void {
    $shop = Shop::stocked();
    LargeCatalog::make(4, 16, 1, 9, fn(int $at): int => $at);
    Product::query()->update(['is_counted' => false]);
    DB::table('products')
        ->where('id', $shop->product->id)
        ->update(['currency' => 'XXX']);
    $this->artisan('slate:recount', ['--waiting' => true])
        ->expectsOutputToContain('1 could not be counted')
        ->assertFailed();
    expect(Summaries::waiting())->toBe(1);
    DB::table('products')
        ->where('id', $shop->product->id)
        ->update(['currency' => 'EUR']);
    app()->forgetInstance(Summaries::class);
    app(Summaries::class)->countSome();
    expect(Summaries::waiting())->toBe(0);
});

it('exports many products in as many queries as a hundred', function (): void {
    Shop::stocked();
    LargeCatalog::make(80, 240, 2, 3, fn(int $at): int => $at);
    $queries = function (array $ids): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(App\Files\Sheets\SheetExport::class)->write(
            $ids,
            App\Files\Sheets\SheetWriter::csv(tempnam(sys_get_temp_dir(), 'slate')),
        );
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $ids = Product::query()->orderBy('code')->pluck('id')->all();
    // What is read once and remembered is read by now.
    $queries(array_slice($ids, 0, 1));
    expect($queries($ids))->toBe($queries(array_slice($ids, 0, 3)))->toBeLessThan(17);
});
