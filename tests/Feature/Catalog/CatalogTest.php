<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\SetCode;
use App\History\Change;
use App\Http\Screens\Catalog\CatalogRow;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Models\Product;
use App\Summaries\Lists\ListQuery;
use Core\Changes\Matrix\OfferCells;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Refusal;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\PageResponse;
use Tests\Support\Shop;

/** @return array<string, CatalogRow> by product code */
function catalogRows(string $search = ''): array
{
    $rows = app(CatalogScreen::class)->page(new ListQuery($search))->rows;

    return array_combine(array_map(fn(CatalogRow $row): string => $row->code, $rows), $rows);
}

it('sums up each product in a row', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'XL'])),
    );
    $shop->receive(['loose.jpg' => Shop::picture('loose')]);
    $shop->photo('card.jpg', ['Color' => 'Clay'], View::usual('front'), Role::Card);
    $row = catalogRows()['SMOCK'];
    expect($row->skus)
        ->toBe(11)
        ->and($row->cells)
        ->toBe(12)
        ->and($row->leftOut)
        ->toBe(1)
        ->and($row->pictures)
        ->toBe(14)
        ->and($row->unlinked)
        ->toBe(1)
        ->and($row->sizes)
        ->toBe('S–XL')
        ->and(array_column($row->colors, 'label'))
        ->toBe(['Moss', 'Clay', 'Slate'])
        ->and($row->prices)
        ->toBe('49.00')
        ->and($row->units)
        ->toBe(110);
});

it('shows what opens the product as its Card', function (): void {
    $shop = Shop::stocked();
    $card = fn(): string => catalogRows()['SMOCK']->cardText;
    $before = $card();
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/opening',
            ['version' => $shop->version(), 'axis' => $shop->id('Color'), 'value' => (string) $shop->id('Slate')],
            ['HX-Request' => 'true'],
        )
        ->assertOk();
    expect($card())->not->toBe($before)->toContain('Slate');
});

it('finds products by a part of the name or the beginning of the code', function (string $search, array $codes): void {
    foreach (['HAT-1' => 'Brim hat', 'HAT-2' => 'Straw hat', 'APRON_X' => 'Seed apron'] as $code => $name) {
        $shop = Shop::open($code);
        app(EditDetails::class)->run(new Change($shop->user, $shop->product->id, 1), 'name', $name);
    }
    expect(array_keys(catalogRows($search)))->toBe($codes);
})->with([
    ['hat', ['HAT-1', 'HAT-2']],
    ['straw', ['HAT-2']],
    ['hat-1', ['HAT-1']],
    ['APRON_', ['APRON_X']],
    ['%', []],
    ['', ['HAT-1', 'APRON_X', 'HAT-2']],
]);

/** The codes on a page of the catalog, and the addresses that its links lead to, by their words. */
function catalogPage(string $address): array
{
    $page = PageResponse::read((string) test()->get($address)->assertOk()->getContent());
    preg_match_all('#class="name" href="[^"]*/products/([^"]+)"#', $page, $codes);
    preg_match_all('#<a class="btn btn-plain" href="([^"]+)"[^>]*>(First|Earlier|Later|Last)</a>#', $page, $links);

    return [$codes[1], array_combine($links[2], array_map(html_entity_decode(...), $links[1]))];
}

it('goes through the pages forth and back, from either end, however it is sorted', function (string $sort): void {
    $user = Shop::open('P-00')->user;
    foreach (range(1, 44) as $at) {
        app(CreateProduct::class)->run($user, 'Product ' . intdiv($at, 3), sprintf('P-%02d', $at));
    }
    $this->actingAs($user);
    [$first, $links] = catalogPage("/?sort={$sort}");
    expect($first)
        ->toHaveCount(20)
        ->and(array_keys($links))
        ->toBe(['Later', 'Last']);
    [$second, $middle] = catalogPage($links['Later']);
    [$third, $end] = catalogPage($middle['Later']);
    expect(array_keys($middle))
        ->toBe(['First', 'Earlier', 'Later', 'Last'])
        ->and(array_keys($end))
        ->toBe(['First', 'Earlier'])
        ->and(array_unique([...$first, ...$second, ...$third]))
        ->toHaveCount(45)
        ->and(catalogPage($middle['Earlier'])[0])
        ->toBe($first)
        ->and(catalogPage($end['Earlier'])[0])
        ->toBe($second);
    [$last, $back] = catalogPage($links['Last']);
    expect($last)
        ->toBe(array_slice([...$first, ...$second, ...$third], -20))
        ->and(array_keys($back))
        ->toBe(['First', 'Earlier']);
})->with(['name', '-name', 'code', 'skus', '-stock', 'price', 'coverage', '-changed']);

it('finds products by every key, and by a word with a slip', function (string $typed, array $codes): void {
    $shop = Shop::stocked();
    DB::table('skus')
        ->where('code', 'SMOCK-MOSS-M')
        ->update(['gtin' => '2000000000015']);
    app(CreateProduct::class)->run($shop->user, 'Gardener’s straw hat, wide', 'HAT-36');
    app(CreateProduct::class)->run($shop->user, 'Strapped apron', 'APRON');
    expect(array_keys(catalogRows($typed)))->toBe($codes);
})->with([
    'a word' => ['smock', ['SMOCK']],
    'how a word begins' => ['str', ['HAT-36', 'APRON']],
    'words in any order' => ['hat gard', ['HAT-36']],
    'words of two products' => ['hat smock', []],
    'a code' => ['hat-36', ['HAT-36']],
    'a SKU' => ['SMOCK-CL', ['SMOCK']],
    'a GTIN' => ['20000000000', ['SMOCK']],
    'a file' => ['Clay back', ['SMOCK']],
    'a letter too many' => ['smmock', ['SMOCK']],
    'two letters exchanged, and the beginning of a word' => ['starw ha', ['HAT-36']],
    'nothing of the kind' => ['umbrella', []],
    'signs only' => ['%_', []],
]);

it(
    'filters by state, stock, category, loose pictures and missing prices, and says how many each would show',
    function (): void {
        $shop = Shop::stocked();
        app(EditDetails::class)->run($shop->change(), 'category', 'Workwear > Smocks');
        $shop->receive(['loose.jpg' => Shop::picture('loose')]);
        $bare = app(CreateProduct::class)->run($shop->user, 'Bare', 'BARE');
        $asked = fn(array $filters): array => array_map(
            fn(CatalogRow $row): string => $row->code,
            app(CatalogScreen::class)->page(new ListQuery('', $filters))->rows,
        );
        expect($asked(['state' => 'unbuilt']))
            ->toBe(['BARE'])
            ->and($asked(['state' => 'complete']))
            ->toBe(['SMOCK'])
            ->and($asked(['state' => 'lacking']))
            ->toBe([])
            ->and($asked(['stock' => 'in stock']))
            ->toBe(['SMOCK'])
            ->and($asked(['category' => 'Workwear > Smocks']))
            ->toBe(['SMOCK'])
            ->and($asked(['tray' => 'some', 'state' => 'complete']))
            ->toBe(['SMOCK'])
            ->and($asked(['price' => 'none']))
            ->toBe([]);
        $totals = App\Summaries\Totals::all();
        expect($totals['all'])
            ->toBe(['' => 2])
            ->and($totals['state'])
            ->toBe(['complete' => 1, 'unbuilt' => 1])
            ->and($totals['tray'])
            ->toBe(['some' => 1])
            ->and($totals)
            ->not->toHaveKey('price');
        $this->actingAs($shop->user)
            ->get('/?state=complete&q=smo')
            ->assertOk()
            ->assertSee('1 of 2 products')
            ->assertSee('required views there (1)');
        app(App\Actions\Product\UndoRedo::class)->undo(new Change($shop->user, $bare->id, 1));
        expect(App\Summaries\Totals::all()['all'])
            ->toBe(['' => 1])
            ->and($asked([]))
            ->toBe(['SMOCK']);
    },
);

it('says how many products are still being counted, and counts each as soon as somebody works', function (): void {
    $shop = Shop::stocked();
    config(['queue.default' => 'database']);
    app(App\Actions\Skus\SetStock::class)->run($shop->change(), Core\Reach\Selection::whole(), '3');
    $this->actingAs($shop->user)->get('/')->assertSee('1 still being counted');
    expect(catalogRows()['SMOCK']->units)->toBe(120);
    $this->artisan('queue:work', ['--stop-when-empty' => true]);
    $this->get('/')->assertDontSee('still being counted');
    expect(catalogRows()['SMOCK']->units)->toBe(36);
});

it('makes a product by name and code, once', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user)
        ->post('/products', ['name' => ' Rain cape ', 'code' => ' CAPE ', 'shot_list_id' => 1])
        ->assertRedirect('/products/CAPE');
    expect(
        Product::query()
            ->where('code', 'CAPE')
            ->first()
            ->only(['name', 'shot_list_id', 'currency']),
    )->toBe(['name' => 'Rain cape', 'shot_list_id' => 1, 'currency' => 'EUR']);
    foreach (
        [
            [['name' => '', 'code' => 'X'], 'name'],
            [['name' => 'X', 'code' => 'two words'], 'code'],
            [['name' => 'X', 'code' => ''], 'code'],
            [['name' => str_repeat('x', 121), 'code' => 'X'], 'name'],
            [['name' => 'X', 'code' => 'X', 'shot_list_id' => 99], 'shot_list_id'],
            [['name' => 'X', 'code' => 'cape'], 'refused'],
        ]
        as [$input, $field]
    ) {
        $this->from('/')->post('/products', $input)->assertSessionHasErrors($field);
    }
    expect(Product::query()->count())->toBe(2);
});

it('makes nothing of a copied setup whose codes belong to others', function (): void {
    $shop = Shop::stocked();
    app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'S']), 'COPY-CLAY-L');
    $counts = fn(): array => array_map(fn(string $table): int => DB::table($table)->count(), [
        'products',
        'skus',
        'product_axes',
        'product_values',
        'history',
    ]);
    $before = $counts();
    expect(fn() => app(CreateProduct::class)->run($shop->user, 'Copy', 'COPY', null, $shop->product))->toThrow(
        Refusal::class,
        'Choose another code for the product',
    );
    expect($counts())->toBe($before);
});

it('prints galleries under the product’s own labels', function (): void {
    $shop = Shop::stocked();
    DB::table('product_values')
        ->where('value_id', $shop->id('Moss'))
        ->update(['label' => 'Forest']);
    expect(
        Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['color=forest'], '--json' => true]),
    )->toBe(0);
    $printed = json_decode(Artisan::output(), true);
    expect($printed['choice'] ?? $printed['skus'][0]['choice'])->toBe(['Color' => 'Forest']);
    expect(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['Color=Violet']]))->not->toBe(0);
});
