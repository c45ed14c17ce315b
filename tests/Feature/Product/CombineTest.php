<?php

declare(strict_types=1);

use App\Actions\Product\CombineProducts;
use App\Actions\Product\CombineSure;
use App\Actions\Product\SeparateProduct;
use App\Actions\Product\UndoRedo;
use App\Batches\BatchRunner;
use App\History\Change;
use App\Models\Product;
use App\Models\User;
use App\Store\Library\LibraryReader;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\SingleItems;
use App\Summaries\Summaries;
use Core\Combining\CombineConflict;
use Core\Combining\CombineWish;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\Product\Document\ProductDocument;
use Core\Product\Product as CoreProduct;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Support\Sheets;
use Tests\Support\Shop;

const APRONS = <<<CSV
product,name,sku,gtin,base price,stock,weight g,cost,photos
AP-MO-S,Potting apron Moss S,AP-MO-S,4006381333931,39.00,4,300,20.00,Moss front.jpg
AP-MO-M,Potting Apron - moss / M,AP-MO-M,,39.00,5,310,20.00,
AP-MO-L,"potting apron, MOSS, L",AP-MO-L,,42.00,6,320,20.00,
AP-CL-S,Apron potting Clay S,AP-CL-S,,39.00,1,300,21.00,Clay front.jpg
AP-CL-M,Potting apron clay size M,AP-CL-M,,39.00,2,310,21.00,
AP-CL-L,Potting apron (Clay) large,AP-CL-L,,42.00,3,320,21.00,Clay front.jpg
AP-SL-S,Potting apron slate small,AP-SL-S,,39.00,7,300,20.00,Slate front.jpg
AP-SL-M,Potting-apron Slate M,AP-SL-M,,39.00,8,310,20.00,
AP-SL-L,"Potting apron in Slate, L",AP-SL-L,,42.00,9,320,20.00,
CSV;

/** Nine single items in a shop that has their colors and sizes. */
function aprons(): User
{
    $shop = Shop::stocked();
    Sheets::imported($shop->user, Sheets::vetted($shop->user, APRONS));

    return $shop->user;
}

/** The product of a code, loaded. */
function core(string $code): CoreProduct
{
    return app(ProductLoader::class)->again(Product::query()->where('code', $code)->firstOrFail())->core;
}

/** How many products are made of the single items about which there is no doubt. */
function sureCombined(User $user): int
{
    $batch = app(CombineSure::class)->run($user);
    while (app(BatchRunner::class)->advance($batch->id, 600)) {
        // Until nothing is left.
    }

    return DB::table('batch_products')->where('batch_id', $batch->id)->where('state', 'changed')->count();
}

/** @return array<string, array<string, mixed>> code of a SKU => what is its own */
function skusOf(CoreProduct $product): array
{
    $skus = [];
    foreach ($product->made as $sku) {
        $skus[$sku->code] = [
            $sku->id,
            $sku->gtin,
            $product->price($sku)?->shown(),
            $product->units($sku),
            $sku->weightG,
            $product->said(Core\Details\DetailKind::Cost, $sku),
            array_map(fn($entry) => $entry->placement->file, $product->galleries()->of($sku->cell)->entries),
        ];
    }
    ksort($skus);

    return $skus;
}

/** Documents of all standing products, by code. */
function documents(): array
{
    $index = app(LibraryReader::class)->index();
    $documents = [];
    foreach (Product::query()->standing()->orderBy('code')->get() as $product) {
        $documents[$product->code] = ProductDocument::of(core($product->code)->state, $index)->json;
    }

    return $documents;
}

/** @param  array<string, array<string, string>>  $values  code => axis => label */
function wished(string $name, string $code, array $axes, array $values): CombineWish
{
    $ids = Product::query()->whereIn('code', array_keys($values))->pluck('id', 'code');
    $byId = [];
    foreach ($values as $item => $own) {
        $byId[$ids[$item]] = $own;
    }

    return new CombineWish(app(CatalogLookup::class), $name, $code, array_keys($byId), $axes, $byId);
}

it('makes one product with nine SKUs of nine single items in one act; all that is theirs stays', function (): void {
    $user = aprons();
    $before = documents();
    $own = [];
    foreach (array_keys($before) as $code) {
        $own += str_starts_with($code, 'AP-') ? skusOf(core($code)) : [];
    }
    [$group] = app(SingleItems::class)->groups();
    expect($group)
        ->toBeInstanceOf(ItemGroup::class)
        ->and($group->isSure())
        ->toBeTrue()
        ->and(sureCombined($user))
        ->toBe(1);
    $product = core('AP');
    expect($product->state->details->name)
        ->toBe('Potting apron')
        ->and(count($product->made))
        ->toBe(9)
        ->and($product->matrix->axes[0]->name)
        ->toBe('Color');
    // One picture for each color serves all its sizes.
    $files = fn(array $sku): array => array_slice($sku, 0, 6);
    $made = skusOf($product);
    ksort($own);
    expect(array_map($files, $made))->toBe(array_map($files, $own));
    foreach (['MO' => 'Moss', 'CL' => 'Clay', 'SL' => 'Slate'] as $short => $color) {
        foreach (['S', 'M', 'L'] as $size) {
            expect($made["AP-{$short}-{$size}"][6])->toBe(["{$color} front.jpg"]);
        }
    }
    // The old addresses lead to it, and the items stand in no list.
    $this->actingAs($user)->get('/products/AP-CL-M')->assertRedirect('/products/AP');
    expect(Product::query()->standing()->where('code', 'like', 'AP-%')->count())->toBe(0);
    app(Summaries::class)->count([Product::query()->where('code', 'AP')->value('id')]);
    expect(
        DB::table('sku_summaries')
            ->where('product_id', Product::query()->where('code', 'AP')->value('id'))
            ->count(),
    )->toBe(9);

    $change = fn(): Change => new Change($user, Product::query()->where('code', 'AP')->firstOrFail()->id);
    app(UndoRedo::class)->undo($change());
    expect(documents())->toBe($before);
    app(UndoRedo::class)->redo($change());
    expect(skusOf(core('AP')))->toBe($made);
    app(UndoRedo::class)->undo($change());
    // Put together anew after it was undone: its code is its own still.
    expect(sureCombined($user))->toBe(1)->and(skusOf(core('AP')))->toBe($made);

    app(SeparateProduct::class)->run($user, Product::query()->where('code', 'AP')->firstOrFail(), null);
    // Each is what it was, with the picture that served it meanwhile.
    $plain = fn(array $all): array => preg_replace('/"pictures":\[.*?\],"facts"/', '"facts"', $all);
    expect($plain(documents()))->toBe($plain($before))->and(core('AP-MO-M')->state->pictures)->toHaveCount(1);
});

it('lets a person settle what is doubtful, and refuses in words what cannot be', function (): void {
    $user = aprons();
    $values = [
        'AP-MO-S' => ['Color' => 'Moss', 'Size' => 'S'],
        'AP-MO-M' => ['Color' => 'moss', 'Size' => 'S'],
        'AP-CL-S' => ['Color' => 'Clay', 'Size' => 'S'],
    ];
    $combine = fn(array $own) => app(CombineProducts::class)->run(
        $user,
        wished('Apron', 'APRON', ['Color', 'Size'], $own),
    );
    expect(fn() => $combine($values))->toThrow(CombineConflict::class, 'AP-MO-S and AP-MO-M would both be Moss, S.');
    $values['AP-MO-M'] = ['Color' => 'Moss', 'Size' => ''];
    expect(fn() => $combine($values))->toThrow(Refusal::class, 'Say which Size Potting Apron - moss / M is.');
    $values['AP-MO-M'] = ['Color' => 'Duck egg', 'Size' => 'M'];
    expect(
        fn() => app(CombineProducts::class)->run($user, wished('Apron', 'SMOCK', ['Color', 'Size'], $values)),
    )->toThrow(Refusal::class, 'SMOCK is the code of Potting smock.');
    $product = $combine($values);
    $core = core($product->code);
    expect(array_map(fn($sku): array => $core->matrix->choice($sku->cell), array_values($core->made)))
        ->toHaveCount(3)
        ->and($core->matrix->cellCount() - 3)
        ->toBe(3)
        ->and(count($core->matrix->offered()))
        ->toBe(3);
});

it('puts products of one color each together, and parts them again to what they were', function (): void {
    $user = Shop::open('OTHER')->user;
    $sheet = "product,name,axis Size,sku,base price,stock,cost,description,fact Lining\n";
    foreach (['MO' => 'Moss', 'CL' => 'Clay', 'IN' => 'Ink'] as $short => $color) {
        foreach (['S', 'M'] as $at => $size) {
            $price = $short === 'IN' ? '45.00' : '39.00';
            $sheet .=
                "COAT-{$short},Coat {$color},{$size},COAT-{$short}-{$size},{$price}," .
                (3 + $at) .
                ",20.00,Of cloth.,{$short}\n";
        }
    }
    Sheets::imported($user, Sheets::vetted($user, $sheet));
    $before = documents();
    $product = app(CombineProducts::class)->run(
        $user,
        wished(
            'Coat',
            'COAT',
            ['Color'],
            [
                'COAT-MO' => ['Color' => 'Moss'],
                'COAT-CL' => ['Color' => 'Clay'],
                'COAT-IN' => ['Color' => 'Ink'],
            ],
        ),
    );
    expect(count(core('COAT')->made))
        ->toBe(6)
        ->and(skusOf(core('COAT'))['COAT-IN-M'][2])
        ->toBe('45.00')
        ->and(App\Models\HistoryEntry::query()->where('product_id', $product->id)->value('words'))
        ->toContain('They differ in the fact Lining');
    $first = app(SeparateProduct::class)->run($user, $product, null);
    expect(documents())->toBe($before);
    app(UndoRedo::class)->undo(new Change($user, $first->id));
    expect(count(core('COAT')->made))
        ->toBe(6)
        ->and(Product::query()->standing()->where('code', 'like', 'COAT-%')->count())
        ->toBe(0);
});

it('parts a product by the values of an axis into products of their own', function (): void {
    $shop = Shop::stocked();
    $before = documents();
    $color = $shop->loaded()->core->matrix->axes[0];
    $first = app(SeparateProduct::class)->run($shop->user, $shop->product, $color->id);
    $codes = Product::query()->standing()->orderBy('code')->pluck('name', 'code')->all();
    expect($codes)->toHaveCount(3)->and($first->name)->toBe('Potting smock Moss');
    $moss = core($first->code);
    expect(array_map(fn($axis): string => $axis->name, $moss->matrix->axes))
        ->toBe(['Size'])
        ->and(count($moss->made))
        ->toBe(4)
        ->and(array_values(skusOf($moss))[0][6])
        ->toBe(['Moss front.jpg', 'Moss back.jpg', 'Moss worn.jpg', 'Moss detail.jpg', 'guide.jpg']);
    $this->actingAs($shop->user)
        ->get('/products/SMOCK')
        ->assertRedirect("/products/{$first->code}");
    app(UndoRedo::class)->undo(new Change($shop->user, $first->id));
    expect(documents())->toBe($before);
});

it('proposes on its page, and combines what a person chose there', function (): void {
    $user = aprons();
    $this->actingAs($user)
        ->get('/single-items')
        ->assertOk()
        ->assertSee('Combine 1 product that is sure')
        ->assertSee('9 items: 3 colors × 3 sizes');
    [$group] = app(SingleItems::class)->groups();
    $ids = array_map(fn(PlacedItem $one): int => $one->item->productId, $group->items);
    $form = [
        'name' => 'Apron',
        'code' => 'APRON',
        'axes' => $group->axes,
        'items' => array_slice($ids, 0, 8),
        'values' => array_combine(
            $ids,
            array_map(fn(PlacedItem $one): array => array_values($one->values), $group->items),
        ),
    ];
    $this->post('/single-items', ['items' => [$ids[0]]] + $form)->assertSessionHasErrors();
    $this->post('/single-items', $form)->assertRedirect('/products/APRON');
    expect(count(core('APRON')->made))->toBe(8);
    $this->actingAs(Shop::person(App\Models\Right::View));
    $this->get('/single-items')->assertOk()->assertDontSee('that is sure');
    $this->post('/single-items', $form)->assertForbidden();
});

/** The items but the last put together, and that one left by itself. */
function apronWithoutOne(User $user): Product
{
    $groups = app(SingleItems::class)->groups();
    $wish = wishOf($groups[0], fn(PlacedItem $item): bool => $item->item->code !== 'AP-SL-L');
    app(CombineProducts::class)->run($user, $wish);

    return Product::query()->where('code', 'AP')->firstOrFail();
}

/** What is wanted of those items of a group that are meant. */
function wishOf(ItemGroup $group, callable $isMeant): CombineWish
{
    $items = array_values(array_filter($group->items, $isMeant));
    $ids = array_map(fn(PlacedItem $one): int => $one->item->productId, $items);

    return new CombineWish(
        app(CatalogLookup::class),
        'Potting apron',
        'AP',
        $ids,
        $group->axes,
        array_combine($ids, array_map(fn(PlacedItem $one): array => $one->values, $items)),
    );
}

it('adds a single item to a product: shown before, all that is its own stays, undone in one', function (): void {
    $user = aprons();
    $item = Product::query()->where('code', 'AP-SL-L')->firstOrFail();
    $own = skusOf(core('AP-SL-L'))['AP-SL-L'];
    $host = apronWithoutOne($user);
    $before = documents();
    $standing = skusOf(core('AP'));
    $axes = array_column(core('AP')->matrix->axes, 'id', 'name');
    $values = [$item->id => [$axes['Color'] => 'slate', $axes['Size'] => 'L']];

    $this->actingAs($user)
        ->get(route('items', $host))
        ->assertOk()
        ->assertSee('Potting apron in Slate, L')
        ->assertSee('value="Slate"', false);
    $sent = ['items' => [(string) $item->id], 'values' => $values];
    $this->post(route('items.add', $host), $sent)->assertOk()->assertSee('Adds 1 SKU.');
    expect(documents())->toBe($before);
    $this->post(route('items.add', $host), $sent + ['sure' => '1'])->assertRedirect(route('board', $host));

    $after = skusOf(core('AP'));
    expect(array_slice($after['AP-SL-L'], 0, 6))
        ->toBe(array_slice($own, 0, 6))
        ->and(array_diff_key($after, ['AP-SL-L' => 0]))
        ->toBe($standing)
        ->and(count($after))
        ->toBe(9)
        ->and($after['AP-SL-L'][6])
        ->toBe(['Slate front.jpg']);
    $this->get('/products/AP-SL-L')->assertRedirect('/products/AP');

    $change = fn(): Change => new Change($user, $host->id);
    app(UndoRedo::class)->undo($change());
    expect(documents())->toBe($before);
    app(UndoRedo::class)->redo($change());
    expect(skusOf(core('AP')))->toBe($after);
});

it('adds an item with a value that the product does not have, and says what is left out', function (): void {
    $user = aprons();
    $item = Product::query()->where('code', 'AP-SL-L')->firstOrFail();
    $host = apronWithoutOne($user);
    $axes = array_column(core('AP')->matrix->axes, 'id', 'name');
    $this->actingAs($user)
        ->post(route('items.add', $host), [
            'items' => [(string) $item->id],
            'values' => [$item->id => [$axes['Color'] => 'Heather', $axes['Size'] => 'XL']],
        ])
        ->assertOk()
        ->assertSee('New to the product: Color Heather, Size XL')
        ->assertSee('combinations have no item');
});

it('refuses items that cannot be added, and says why', function (callable $values, string $words): void {
    $user = aprons();
    $item = Product::query()->where('code', 'AP-SL-L')->firstOrFail();
    $host = apronWithoutOne($user);
    $before = documents();
    $axes = array_column(core('AP')->matrix->axes, 'id', 'name');
    $given = $values($item, $axes);
    $sent = ['items' => array_map(strval(...), array_keys($given)), 'values' => $given];
    $this->actingAs($user)->post(route('items.add', $host), $sent)->assertOk()->assertSee($words);
    $this->post(route('items.add', $host), $sent + ['sure' => '1']);
    expect(documents())->toBe($before);
})->with([
    'a cell that has a SKU' => [
        fn(Product $item, array $axes): array => [$item->id => [$axes['Color'] => 'Moss', $axes['Size'] => 'L']],
        'would both be Moss, L',
    ],
    'no size' => [
        fn(Product $item, array $axes): array => [$item->id => [$axes['Color'] => 'Slate', $axes['Size'] => '']],
        'Say which Size',
    ],
    'nothing' => [fn(): array => [], 'Choose at least one'],
    'an item that is not there' => [
        fn(Product $item, array $axes): array => [999_999 => [$axes['Color'] => 'Slate', $axes['Size'] => 'L']],
        'not there any more',
    ],
    'a product with axes' => [
        fn(Product $item, array $axes): array => [
            Product::query()->where('code', 'SMOCK')->firstOrFail()->id => [
                $axes['Color'] => 'Slate',
                $axes['Size'] => 'L',
            ],
        ],
        'is no single item',
    ],
]);

it('takes SKUs out as single items with all that is theirs, and brings them back', function (): void {
    $shop = Shop::stocked();
    $before = documents();
    $own = skusOf(core('SMOCK'));
    $selected = $shop->token(['Color' => 'Moss', 'Size' => 'S']);
    $cell = $shop->sku(['Color' => 'Moss', 'Size' => 'S'])->cell;
    $this->actingAs($shop->user)
        ->post(route('take-out.plan', $shop->product), ['selected' => $selected])
        ->assertOk()
        ->assertSee('Potting smock Moss, S');
    $this->post(route('take-out', $shop->product), ['selected' => $selected])->assertRedirect(
        route('board', $shop->product),
    );

    $item = core('SMOCK-MOSS-S');
    expect(skusOf($item)['SMOCK-MOSS-S'])
        ->toBe($own['SMOCK-MOSS-S'])
        ->and($item->matrix->axes)
        ->toBe([])
        ->and(skusOf(core('SMOCK')))
        ->toBe(array_diff_key($own, ['SMOCK-MOSS-S' => 0]))
        // No build makes it again.
        ->and($shop->loaded()->core->matrix->isOffered($cell))
        ->toBeFalse();
    $shop->undo();
    expect(documents())->toBe($before);
    $shop->redo();
    expect(skusOf(core('SMOCK-MOSS-S'))['SMOCK-MOSS-S'])->toBe($own['SMOCK-MOSS-S']);
});

it('takes an item out that was added: it is what it was', function (): void {
    $user = aprons();
    $item = Product::query()->where('code', 'AP-SL-L')->firstOrFail();
    $host = apronWithoutOne($user);
    $before = documents();
    $axes = array_column(core('AP')->matrix->axes, 'id', 'name');
    app(App\Actions\Product\AddItems::class)->run($user, $host, [
        $item->id => [$axes['Color'] => 'Slate', $axes['Size'] => 'L'],
    ]);
    $sku = array_values(array_filter(core('AP')->made, fn($one): bool => $one->code === 'AP-SL-L'))[0];
    app(App\Actions\Product\TakeOutSkus::class)->run(
        $user,
        $host->refresh(),
        Core\Reach\Selection::fromKey($sku->cell->key),
    );
    $plain = fn(array $all): array => preg_replace('/"pictures":\[.*?\],"facts"/', '"facts"', $all);
    expect($plain(documents())['AP-SL-L'])->toBe($plain($before)['AP-SL-L']);
    $this->actingAs($user)->get('/products/AP-SL-L')->assertOk();
});

it('takes out neither all SKUs nor those that share their stock', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('take-out.plan', $shop->product), ['selected' => '*'])
        ->assertStatus(422)
        ->assertSee('These are all SKUs of Potting smock');
    app(App\Actions\Skus\SetCounting::class)->run($shop->change(), Core\Details\Counting::Pictures);
    $this->post(route('take-out.plan', $shop->product), [
        'selected' => $shop->token(['Color' => 'Moss', 'Size' => 'S']),
    ])
        ->assertStatus(422)
        ->assertSee('Count it for each SKU first');
});

it(
    'combines all that are sure as one batch, undone as one, redone, and what refuses stays proposed',
    function (): void {
        $user = aprons();
        $rows = ['product,name,sku,base price'];
        foreach (['hood' => 'HD', 'mitt' => 'MT', 'scarf' => 'SC'] as $name => $code) {
            foreach (['Moss', 'Clay'] as $color) {
                $short = strtoupper(substr($color, 0, 2));
                $rows[] = "{$code}-{$short},Storm {$name} {$color},{$code}-{$short},9.00";
            }
        }
        Sheets::imported($user, Sheets::vetted($user, implode("\n", $rows) . "\n", 'more.csv'));
        Shop::open('MT');
        $before = documents();
        $this->actingAs($user)->post(route('combine.sure'))->assertRedirect();
        $batch = App\Models\Batch::query()->latest('id')->firstOrFail();
        while (app(BatchRunner::class)->advance($batch->id, 600)) {
            // Until nothing is left.
        }
        expect(array_keys(array_diff_key(documents(), $before)))
            ->toBe(['AP', 'HD', 'SC'])
            ->and(DB::table('batch_products')->where('batch_id', $batch->id)->where('state', 'refused')->value('words'))
            ->toContain('MT is the code of');
        $this->get(route('batch', $batch))->assertOk()->assertSee('Put single items together into 4 products');

        $made = documents();
        foreach (['undo' => $before, 'redo' => $made, ' undo' => $before] as $way => $state) {
            $this->post(route('batch.steer', [$batch, trim($way)]))->assertRedirect();
            while (app(BatchRunner::class)->advance($batch->id, 600)) {
                // Until nothing is left.
            }
            expect(documents())->toBe($state);
        }
    },
);
