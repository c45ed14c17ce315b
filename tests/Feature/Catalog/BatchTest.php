<?php

declare(strict_types=1);

use App\Actions\Batches\StartBatch;
use App\Actions\Batches\SteerBatch;
use App\Actions\Skus\SetStock;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BatchRunner;
use App\Batches\BulkOperations;
use App\Batches\RunBatch;
use App\Batches\SameForEach;
use App\Models\Batch;
use App\Models\BatchState;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\Right;
use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\Details\ProductText;
use Core\Changes\Details\SayText;
use Core\Changes\ProductChange;
use Core\Product\Product as CoreProduct;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Support\Shop;

/** @return list<Shop> */
function shops(int $count): array
{
    $shops = [];
    foreach (range(1, $count) as $number) {
        $shops[] = $shop = Shop::open("P-{$number}");
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    }

    return $shops;
}

/** @param  list<Shop>  $shops */
function begun(array $shops, string $act, array $wanted, bool $isWhole = false, ?Selection $where = null): Batch
{
    return app(StartBatch::class)->run(
        $shops[0]->user,
        new BatchOrder($act, $wanted, BatchMode::of($isWhole), $where ?? Selection::whole()),
        array_map(fn(Shop $shop): int => $shop->product->id, $shops),
    );
}

/** @return array<string, int> state => how many products */
function standing(Batch $batch): array
{
    return DB::table('batch_products')
        ->where('batch_id', $batch->id)
        ->groupBy('state')
        ->selectRaw('state, count(*) as products')
        ->orderBy('state')
        ->pluck('products', 'state')
        ->all();
}

/** All rows that belong to products, but for their versions. */
function rowsOfProducts(): array
{
    $without = ['version' => 0, 'revision' => 0, 'updated_at' => 0, 'is_counted' => 0];

    return array_map(
        fn(string $table): array => DB::table($table)
            ->orderBy('id')
            ->get()
            ->map(fn($row): array => array_diff_key((array) $row, $without))
            ->all(),
        ['products', 'skus', 'product_axes', 'product_values', 'placements'],
    );
}

it('changes each product in a transaction and an entry of its own, and is undone and made again', function (): void {
    $shops = shops(5);
    $before = rowsOfProducts();
    $versions = Product::query()->pluck('version', 'code');
    $batch = begun($shops, 'sku-price', ['value' => '52,5'])->refresh();
    expect($batch->state)
        ->toBe(BatchState::Done)
        ->and($batch->words)
        ->toBe('Price of every SKU set to 52.5')
        ->and(standing($batch))
        ->toBe(['changed' => 5])
        ->and(DB::table('products')->distinct()->pluck('price')->all())
        ->toBe(['52.5000'])
        ->and(DB::table('skus')->distinct()->pluck('price')->all())
        ->toBe([null])
        ->and(HistoryEntry::query()->where('batch', $batch->id)->count())
        ->toBe(5)
        ->and(Product::query()->pluck('version', 'code')['P-3'])
        ->toBe($versions['P-3'] + 1)
        ->and($shops[2]->words())
        ->toBe('Price of the whole product set to 52.50: base price 52.50 (was none)');
    $after = rowsOfProducts();

    app(SteerBatch::class)->undo($shops[0]->user, $batch->id);
    expect($batch->refresh()->state)
        ->toBe(BatchState::Undone)
        ->and(standing($batch))
        ->toBe(['undone' => 5])
        ->and(rowsOfProducts())
        ->toEqual($before);
    app(SteerBatch::class)->redo($shops[0]->user, $batch->id);
    expect($batch->refresh()->state)->toBe(BatchState::Done)->and(rowsOfProducts())->toEqual($after);
});

it('goes as far as it can, says what refused and why, and tries these again', function (): void {
    $shops = shops(4);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[1]->change(), 'JPY');
    $batch = begun($shops, 'sku-price', ['value' => '52.50'])->refresh();
    $why = DB::table('batch_products')->where('batch_id', $batch->id)->where('state', 'refused')->sole();
    expect($batch->state)
        ->toBe(BatchState::Done)
        ->and(standing($batch))
        ->toBe(['changed' => 3, 'refused' => 1])
        ->and($why->product_id)
        ->toBe($shops[1]->product->id)
        ->and($why->words)
        ->toContain('JPY');
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[1]->change(), 'EUR');
    app(SteerBatch::class)->tryAgain($shops[0]->user, $batch->id);
    expect(standing($batch))
        ->toBe(['changed' => 4])
        ->and($batch->refresh()->state)
        ->toBe(BatchState::Done);
});

it('writes nothing where it is all or nothing and one refuses', function (): void {
    $shops = shops(4);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[2]->change(), 'JPY');
    $before = rowsOfProducts();
    $entries = HistoryEntry::query()->count();
    $batch = begun($shops, 'sku-price', ['value' => '52.50'], true)->refresh();
    expect($batch->state)
        ->toBe(BatchState::Refused)
        ->and(standing($batch))
        ->toBe(['refused' => 1, 'vetted' => 3])
        ->and(rowsOfProducts())
        ->toEqual($before)
        ->and(HistoryEntry::query()->count())
        ->toBe($entries);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[2]->change(), 'EUR');
    app(SteerBatch::class)->tryAgain($shops[0]->user, $batch->id);
    expect($batch->refresh()->state)
        ->toBe(BatchState::Done)
        ->and(standing($batch))
        ->toBe(['changed' => 4]);
});

it('takes back what was written where all was vetted, and one refuses in the end', function (): void {
    Queue::fake();
    $shops = shops(4);
    $before = rowsOfProducts();
    $batch = begun($shops, 'sku-price', ['value' => '52.50'], true);
    $runner = app()->makeWith(BatchRunner::class, ['atOnce' => 1]);
    $batch->update(['state' => BatchState::Running]);
    DB::table('batch_products')
        ->where('batch_id', $batch->id)
        ->update(['state' => 'vetted']);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[2]->change(), 'JPY');
    $runner->advance($batch->id, 60);
    expect($batch->refresh()->state)
        ->toBe(BatchState::Refused)
        ->and(standing($batch))
        ->toBe(['refused' => 1, 'undone' => 2, 'vetted' => 1]);
    app(App\Actions\Product\UndoRedo::class)->undo($shops[2]->change());
    expect(rowsOfProducts())->toEqual($before);
});

it(
    'goes no further where something breaks and all or nothing is wanted; else it leaves out the one that broke',
    function (bool $isWhole, array $then): void {
        Queue::fake();
        $shops = shops(4);
        $breaking = new class implements SameForEach, ProductChange {
            public static bool $breaks = false;

            public function inWords(array $wanted): string
            {
                return 'Brand set to Oats';
            }

            public function change(Selection $where, array $wanted): ProductChange
            {
                return $this;
            }

            public function on(CoreProduct $product, Catalog $catalog): Changed
            {
                if (self::$breaks && $product->state->details->code === 'P-2') {
                    throw new RuntimeException('The power went.');
                }

                return (new SayText(ProductText::Brand, 'Oats'))->on($product, $catalog);
            }
        };
        app()->instance(BulkOperations::class, new BulkOperations(['breaking' => fn(): SameForEach => $breaking]));
        $batch = begun($shops, 'breaking', [], $isWhole);
        $batch->update(['state' => BatchState::Running]);
        $breaking::$breaks = true;
        app(BatchRunner::class)->advance($batch->id, 60);
        expect(standing($batch))
            ->toBe($then)
            ->and(DB::table('products')->where('brand', 'Oats')->count())
            ->toBe($then['changed'] ?? 0)
            ->and(DB::table('batch_products')->where('state', 'refused')->value('words'))
            ->toContain('Something went wrong here');
    },
)->with([
    'as far as possible' => [false, ['changed' => 3, 'refused' => 1]],
    'all or nothing' => [true, ['refused' => 1, 'undone' => 1, 'waiting' => 2]],
]);

it('leaves what somebody has changed since, and says so', function (): void {
    $shops = shops(3);
    $batch = begun($shops, 'sku-stock', ['value' => '9']);
    $ines = Shop::person(Right::Release, 'Ines');
    app(SetStock::class)->run($shops[1]->change($ines), $shops[1]->part(['Color' => 'Moss']), '4');
    app(App\Actions\Product\UndoRedo::class)->undo($shops[2]->change($shops[0]->user));
    app(SteerBatch::class)->undo($shops[0]->user, $batch->id);
    $left = DB::table('batch_products')->where('batch_id', $batch->id)->where('state', 'stands')->sole();
    expect($batch->refresh()->state)
        ->toBe(BatchState::Undone)
        ->and(standing($batch))
        ->toBe(['stands' => 1, 'undone' => 2])
        ->and($left->words)
        ->toContain('Ines changed the same thing')
        ->and($shops[1]->sku(['Color' => 'Clay', 'Size' => 'S'])->stock)
        ->toBe(9)
        ->and($shops[0]->sku(['Color' => 'Clay', 'Size' => 'S'])->stock)
        ->toBeNull();
});

it('is told to whoever has one of the products open, and runs over nothing of theirs', function (): void {
    $shops = shops(2);
    $open = $shops[1]->change();
    begun($shops, 'sku-price', ['value' => '52']);
    $this->actingAs($shops[1]->user)
        ->post(
            '/products/P-2/skus/stock',
            ['version' => $open->version, 'selected' => '*', 'typed' => '3'],
            ['HX-Request' => 'true'],
        )
        ->assertStatus(409)
        ->assertSee('Price of the whole product set to 52.00');
    $this->post(
        '/products/P-2/skus/stock',
        ['version' => $shops[1]->version(), 'selected' => '*', 'typed' => '3'],
        ['HX-Request' => 'true'],
    )->assertOk();
    $sku = $shops[1]->sku(['Color' => 'Moss', 'Size' => 'S']);
    expect($sku->stock)
        ->toBe(3)
        ->and($shops[1]->loaded()->core->price($sku)?->shown())
        ->toBe('52.00');
});

it('does nothing twice, whoever goes on with it and however often it broke off', function (): void {
    Queue::fake();
    $shops = shops(6);
    $batch = begun($shops, 'sku-stock', ['value' => '9']);
    // Each time one worker gets just so far, and dies; another has begun beside it.
    foreach (range(1, 12) as $ignored) {
        app()
            ->makeWith(BatchRunner::class, ['atOnce' => 1])
            ->advance($batch->id, 0.0);
        app()->forgetScopedInstances();
    }
    expect(standing($batch))
        ->toBe(['changed' => 6])
        ->and($batch->refresh()->state)
        ->toBe(BatchState::Done)
        ->and(
            HistoryEntry::query()
                ->where('batch', $batch->id)
                ->groupBy('product_id')
                ->selectRaw('count(*) as entries')
                ->pluck('entries')
                ->unique()
                ->all(),
        )
        ->toBe([1]);
    app(BatchRunner::class)->advance($batch->id, 5);
    expect(HistoryEntry::query()->where('batch', $batch->id)->count())->toBe(6);
});

it('takes up a batch whose worker died, and stops and goes on as somebody says', function (): void {
    Queue::fake();
    $shops = shops(3);
    $batch = begun($shops, 'sku-stock', ['value' => '9']);
    Queue::assertPushed(RunBatch::class, 1);
    BatchRunner::resumeAbandoned(60);
    Queue::assertPushed(RunBatch::class, 1);
    $batch->update(['beat_at' => now()->subMinutes(2)]);
    BatchRunner::resumeAbandoned(60);
    BatchRunner::resumeAbandoned(60);
    Queue::assertPushed(RunBatch::class, 2);

    app()
        ->makeWith(BatchRunner::class, ['atOnce' => 1])
        ->advance($batch->id, 0.0);
    app(SteerBatch::class)->stop($shops[0]->user, $batch->id);
    app(BatchRunner::class)->advance($batch->id, 5);
    expect(standing($batch))->toBe(['changed' => 1, 'waiting' => 2]);
    expect(fn() => app(SteerBatch::class)->stop($shops[0]->user, $batch->id))->toThrow(
        Refusal::class,
        'is not at work',
    );
    app(SteerBatch::class)->goOn($shops[0]->user, $batch->id);
    app(BatchRunner::class)->advance($batch->id, 5);
    expect(standing($batch))->toBe(['changed' => 3]);
});

it('writes nothing of a portion in which one refuses where it is all or nothing', function (): void {
    Queue::fake();
    $shops = shops(4);
    $batch = begun($shops, 'sku-price', ['value' => '52.50'], true);
    $batch->update(['state' => BatchState::Running]);
    DB::table('batch_products')
        ->where('batch_id', $batch->id)
        ->update(['state' => 'vetted']);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[2]->change(), 'JPY');
    $before = rowsOfProducts();
    app(BatchRunner::class)->advance($batch->id, 60);
    expect($batch->refresh()->state)
        ->toBe(BatchState::Refused)
        ->and(standing($batch))
        ->toBe(['refused' => 1, 'vetted' => 3])
        ->and(rowsOfProducts())
        ->toEqual($before);
});

it('writes a portion, takes it back and makes it again in as many statements as two products', function (
    string $act,
    array|Closure $wanted,
): void {
    Queue::fake();
    $wanted = is_array($wanted) ? $wanted : $wanted();
    $all = shops(14);
    $statements = function (array $shops) use ($act, $wanted): array {
        $batch = begun($shops, $act, $wanted);
        $counted = function (string $state) use ($batch, $shops): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            app(BatchRunner::class)->advance($batch->id, 60);
            $log = DB::getQueryLog();
            DB::disableQueryLog();
            expect(standing($batch))->toBe([$state => count($shops)]);

            return count($log);
        };
        $counts = [$counted('changed')];
        app(SteerBatch::class)->undo($batch->user, $batch->id);
        $counts[] = $counted('undone');
        app(SteerBatch::class)->redo($batch->user, $batch->id);
        $counts[] = $counted('changed');

        return $counts;
    };
    expect($statements(array_slice($all, 2)))->toBe($statements(array_slice($all, 0, 2)));
})->with([
    'own prices' => ['sku-price', ['value' => '52.50']],
    'stock' => ['sku-stock', ['value' => '9']],
    'brand' => ['details', ['field' => 'brand', 'value' => 'Oats & Co.']],
    'base price' => ['details', ['field' => 'price', 'value' => '61.50']],
    'a picture' => [
        'pictures',
        fn(): array => [
            'photo' => (string) DB::table('photos')->insertGetId([
                'sha256' => hash('sha256', 'label'),
                'width' => 24,
                'height' => 24,
                'bytes' => 900,
                'type' => 'jpg',
                'state' => 'ready',
            ]),
            'way' => 'add',
            'file' => 'label.jpg',
        ],
    ],
]);

it('changes only the part that is meant, and says which products were so already', function (): void {
    $shops = shops(2);
    $moss = $shops[0]->part(['Color' => 'Moss']);
    app(SetStock::class)->run($shops[1]->change(), $moss, '5');
    $batch = begun($shops, 'sku-stock', ['value' => '5'], where: $moss);
    expect(standing($batch))
        ->toBe(['changed' => 1, 'same' => 1])
        ->and($shops[0]->sku(['Color' => 'Moss', 'Size' => 'M'])->stock)
        ->toBe(5)
        ->and($shops[0]->sku(['Color' => 'Clay', 'Size' => 'M'])->stock)
        ->toBeNull();
});

it('refuses in words what cannot be meant, and lets only those steer it who may', function (): void {
    $shops = shops(1);
    expect(fn() => begun($shops, 'nonsense', []))
        ->toThrow(Refusal::class, 'Choose what is to be changed')
        ->and(fn() => begun($shops, 'sku-stock', ['value' => 'many']))
        ->toThrow(Exception::class)
        ->and(fn() => begun($shops, 'details', ['field' => 'code', 'value' => 'X']))
        ->toThrow(Refusal::class, 'cannot be changed for many')
        ->and(
            fn() => app(StartBatch::class)->run(
                $shops[0]->user,
                new BatchOrder('sku-stock', ['value' => '1'], BatchMode::AsFarAsPossible, Selection::whole()),
                [],
            ),
        )
        ->toThrow(Refusal::class, 'No product is meant')
        ->and(
            fn() => app(StartBatch::class)->run(
                Shop::person(Right::View),
                new BatchOrder('sku-stock', ['value' => '1'], BatchMode::AsFarAsPossible, Selection::whole()),
                [1],
            ),
        )
        ->toThrow(AuthorizationException::class)
        ->and(Batch::query()->count())
        ->toBe(0);
    $batch = begun($shops, 'details', ['field' => 'brand', 'value' => 'Thrumbury']);
    expect(Product::query()->sole()->brand)
        ->toBe('Thrumbury')
        ->and($batch->words)
        ->toBe('Brand set to “Thrumbury”')
        ->and(fn() => app(SteerBatch::class)->undo(Shop::person(Right::Edit, 'Wren'), $batch->id))
        ->toThrow(Refusal::class, 'This was begun by');
});

it('is begun from what the catalog shows, watched, undone and made again on its page', function (): void {
    $shops = shops(4);
    foreach ([0, 1, 2] as $at) {
        DB::table('products')
            ->where('id', $shops[$at]->product->id)
            ->update(['category' => 'Outerwear > Smocks', 'is_counted' => false]);
    }
    app(App\Summaries\Summaries::class)->countSome();
    $ada = $shops[0]->user;
    $this->actingAs($ada)
        ->get('/?category=Outerwear+%3E+Smocks')
        ->assertSee('Change all of these')
        ->assertSee(e(route('batches.form', ['category' => 'Outerwear > Smocks'])), false);
    $this->get('/bulk/new?category=Outerwear+%3E+Smocks')
        ->assertOk()
        ->assertSee('Change 3 products')
        ->assertSee('P-1')
        ->assertDontSee('P-4');
    $this->from('/bulk/new')
        ->post('/bulk', ['what' => 'sku-price', 'value' => 'much', 'category' => 'Outerwear > Smocks'])
        ->assertRedirect('/bulk/new')
        ->assertSessionHasErrors('refused');
    $this->post('/bulk', [
        'what' => 'sku-price',
        'value' => '52',
        'mode' => 'all',
        'category' => 'Outerwear > Smocks',
    ])->assertRedirect();
    $batch = Batch::query()->sole();
    expect(standing($batch))
        ->toBe(['changed' => 3])
        ->and($batch->is_whole)
        ->toBeTrue()
        ->and($shops[3]->sku(['Color' => 'Moss', 'Size' => 'S'])->price)
        ->toBeNull();
    $this->get("/bulk/{$batch->id}")
        ->assertOk()
        ->assertSee('Price of every SKU set to 52')
        ->assertSee('3 of 3 products')
        ->assertSee('Undo all')
        ->assertDontSee('every 2s');
    $this->get('/bulk')->assertOk()->assertSee('Price of every SKU set to 52')->assertSee($ada->name);
    $this->post("/bulk/{$batch->id}/undo")->assertRedirect("/bulk/{$batch->id}");
    $this->get("/bulk/{$batch->id}?state=undone", ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('Make all again')
        ->assertDontSee('<html', false);
    $this->post("/bulk/{$batch->id}/redo")->assertRedirect();
    $this->post("/bulk/{$batch->id}/nowhere")->assertNotFound();
    $this->get('/bulk/01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertNotFound();
    // Others see it, and cannot steer it.
    $this->actingAs(Shop::person(Right::View))
        ->get("/bulk/{$batch->id}")
        ->assertOk()
        ->assertDontSee('Undo all');
    $this->get('/bulk/new')->assertForbidden();
    $this->post('/bulk', ['what' => 'sku-price', 'value' => '1'])->assertForbidden();
    $this->post("/bulk/{$batch->id}/undo")->assertForbidden();
    $this->get('/')->assertDontSee('Change all of these');
});

it('lists many products of a batch a page at a time, and says why each refused', function (): void {
    $shops = shops(2);
    app(App\Actions\Skus\ChangeCurrency::class)->run($shops[0]->change(), 'JPY');
    $batch = begun($shops, 'sku-price', ['value' => '52.50']);
    $this->actingAs($shops[0]->user)
        ->get("/bulk/{$batch->id}")
        ->assertSee('Refused')
        ->assertSee('JPY')
        ->assertSee('Try again what was refused');
    $this->get("/bulk/{$batch->id}?state=changed&after=" . $shops[1]->product->id)
        ->assertOk()
        ->assertSee('No product is changed');
});

it('is worked from the command line, with the same words', function (): void {
    $shops = shops(2);
    $email = $shops[0]->user->email;
    $this->artisan('slate:bulk', ['what' => 'stock', 'value' => '4', '--as' => $email])
        ->expectsOutputToContain('Stock of every SKU set to 4: done')
        ->assertExitCode(0);
    $id = Batch::query()->sole()->id;
    $this->artisan('slate:bulk', ['what' => 'undo', 'value' => $id, '--as' => $email])
        ->expectsOutputToContain('undone')
        ->assertExitCode(0);
    $this->artisan('slate:bulk', ['what' => 'show', 'value' => $id, '--json' => true])
        ->expectsOutputToContain('"state":"undone"')
        ->assertExitCode(0);
    $this->artisan('slate:bulk', ['what' => 'stock', 'value' => '4'])
        ->expectsOutputToContain('Say whose account')
        ->assertExitCode(2);
    $this->artisan('slate:bulk', ['what' => 'color', 'value' => '4', '--as' => $email])
        ->expectsOutputToContain('Say what is to be changed')
        ->assertExitCode(2);
    $this->artisan('slate:bulk', [
        'what' => 'brand',
        'value' => 'Thrumbury',
        '--as' => $email,
        '--search' => 'nothing like it',
    ])->assertExitCode(2);
});
