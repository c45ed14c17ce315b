<?php

declare(strict_types=1);

use App\Actions\Product\SetDetail;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetStock;
use Core\Changes\Matrix\MatrixChoices;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\UnreadableDetail;
use Core\Product\StockCount;
use Core\Reach\Selection;
use Core\Refusal;
use Core\Stock\UnreadableUnits;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

function stockOf(Shop $shop, array $where = []): string
{
    $loaded = $shop->loaded();

    return (new StockCount(
        $loaded->core->chosen($where === [] ? Selection::whole() : $shop->part($where))->skus,
        $loaded->core->book,
    ))->inWords();
}

function setStock(Shop $shop, string $typed, array $where = []): void
{
    app(SetStock::class)->run($shop->change(), $where === [] ? Selection::whole() : $shop->part($where), $typed);
}

function stockPost(Shop $shop, string $path, array $input)
{
    return test()
        ->actingAs($shop->user)
        ->post("/products/SMOCK/{$path}", ['version' => $shop->version(), 'lens' => 'stock'] + $input, [
            'HX-Request' => 'true',
        ]);
}

// 4 sizes × 2 colors are 8 SKUs, and at 10 each 80 in stock (common practice, no source).
it('counts 10 for each of 8 SKUs as 80, and shows the sums of rows, columns and all', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']);
    setStock($shop, '10');
    expect(stockOf($shop))->toBe('80 in stock');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK?lens=stock')
        ->assertOk()
        ->assertSee('80 in stock</small>', false)
        ->assertSee('40 in stock</small>', false)
        ->assertSee('20 in stock</small>', false);
});

it('adds and takes away over a selection, and refuses what is not there as a whole', function (): void {
    $shop = Shop::stocked();
    setStock($shop, '+5', ['Color' => 'Moss']);
    expect(stockOf($shop))->toBe('140 in stock')->and($shop->words())->toBe('Stock of Moss, all sizes 5 more (was 10)');
    setStock($shop, '2', ['Color' => 'Clay', 'Size' => 'M']);
    expect(fn() => setStock($shop, '-3', ['Color' => 'Clay']))->toThrow(
        UnreadableUnits::class,
        'Clay, M has 2 in stock: 3 cannot be taken away',
    );
    expect(stockOf($shop, ['Color' => 'Clay']))->toBe('32 in stock');
    setStock($shop, '', ['Color' => 'Slate', 'Size' => 'M']);
    setStock($shop, '-1', ['Color' => 'Slate']);
    expect(stockOf($shop, ['Color' => 'Slate']))
        ->toBe('27 in stock, 1 not counted')
        ->and($shop->words())
        ->toContain('1 are not counted, as before');
    expect(fn() => setStock($shop, '+1', ['Color' => 'Slate', 'Size' => 'M']))->toThrow(
        Refusal::class,
        'Nobody has counted these yet',
    );
});

it('counts 100, 50 and 150 by color over four sizes, sums them once, and undoes and redoes it', function (): void {
    $shop = Shop::stocked();
    app(SetCounting::class)->run($shop->change(), Counting::Pictures);
    expect(stockOf($shop))
        ->toBe('120 in stock, counted for each picture combination')
        ->and($shop->words())
        ->toContain('120 in stock becomes 120 in stock');
    foreach (['Moss' => '100', 'Clay' => '50', 'Slate' => '150'] as $color => $units) {
        // Any of its sizes means all that is sold from the same units.
        setStock($shop, $units, ['Color' => $color, 'Size' => 'M']);
    }
    expect(stockOf($shop))
        ->toBe('300 in stock, counted for each picture combination')
        ->and(stockOf($shop, ['Color' => 'Clay']))
        ->toStartWith('50 in stock')
        ->and($shop->loaded()->core->units($shop->sku(['Color' => 'Moss', 'Size' => 'XL'])))
        ->toBe(100)
        ->and($shop->words())
        ->toContain('Slate, counted together, set to 150');
    setStock($shop, '-20', ['Size' => 'S']);
    expect(stockOf($shop))->toStartWith('240 in stock');
    $shop->undo();
    expect(stockOf($shop))->toStartWith('300 in stock');
    $shop->redo();
    expect(stockOf($shop))->toStartWith('240 in stock');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK?lens=stock')
        ->assertSee('80 in stock</small>', false)
        ->assertSee('shared');
    // Each unit stands once in the sheet, so that its column adds up.
    expect(array_sum(array_map(intval(...), array_column($shop->rows(), 'stock'))))
        ->toBe(240)
        ->and($shop->rows()['SMOCK-MOSS-S']['counting'])
        ->toBe('pictures');
});

it('keeps what is counted by color through values that go, come back, come new and become one', function (): void {
    $shop = Shop::stocked();
    app(SetCounting::class)->run($shop->change(), Counting::Pictures);
    setStock($shop, '100', ['Color' => 'Moss']);
    setStock($shop, '50', ['Color' => 'Clay']);
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
    expect(stockOf($shop))->toStartWith('90 in stock');
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL, XXL']);
    expect(stockOf($shop))->toBe('190 in stock, counted for each picture combination, 5 not counted');
    $shop->merge('Clay', 'Moss');
    expect(stockOf($shop, ['Color' => 'Moss']))->toStartWith('100 in stock');
});

it('shows what is counted for the whole product as such everywhere', function (): void {
    $shop = Shop::stocked();
    app(SetCounting::class)->run($shop->change(), Counting::Product);
    expect(stockOf($shop))
        ->toBe('120 in stock for the whole product')
        ->and(stockOf($shop, ['Color' => 'Moss', 'Size' => 'S']))
        ->toBe('120 in stock for the whole product');
    setStock($shop, '-20', ['Color' => 'Moss', 'Size' => 'S']);
    expect(stockOf($shop))->toBe('100 in stock for the whole product');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK?lens=stock')
        ->assertSee('100 in stock, all SKUs together')
        ->assertSee('shared')
        ->assertSee('100 in stock for the whole product');
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss', 'Size' => 'S']))->assertSee(
        '100 in stock for the whole product',
    );
    expect(array_filter(array_column($shop->rows(), 'stock')))
        ->toBe(['100'])
        ->and($shop->rows()['SMOCK-MOSS-S']['counting'])
        ->toBe('product')
        // Shared units are nobody's own: added up over the variants they would be sold more than once.
        ->and($shop->variant('SMOCK-CLAY-M')['offers'])
        ->not->toHaveKey('inventoryLevel');
    Artisan::call('slate:explain', ['sku' => 'SMOCK-CLAY-M', '--json' => true]);
    expect(json_decode(Artisan::output(), true)['stock'])->toMatchArray(['count' => 100, 'counted_by' => 'product']);
    Artisan::call('slate:recount');
    expect(DB::table('product_summaries')->where('product_id', $shop->product->id)->value('units'))->toBe(100);
    setStock($shop, '0');
    expect($shop->variant('SMOCK-CLAY-M')['offers']['availability'])->toEndWith('OutOfStock');
    stockPost($shop, 'skus/block', [
        'grid' => $shop->token(['Color' => 'Moss', 'Size' => 'S']),
        'block' => '5',
        'first' => 1,
    ])
        ->assertStatus(422)
        ->assertSee('Stock is counted for the whole product here');
});

it('has what was counted for each SKU again, and says that nobody knows who has how many', function (): void {
    $shop = Shop::stocked();
    app(SetCounting::class)->run($shop->change(), Counting::Product);
    setStock($shop, '90');
    stockPost($shop, 'stock/counting/plan', ['counting' => 'sku'])
        ->assertOk()
        ->assertSee('90 in stock for the whole product becomes 120 in stock')
        ->assertSee('Nobody can say how many of the 90');
    stockPost($shop, 'stock/counting', ['counting' => 'sku'])->assertOk();
    expect(stockOf($shop))->toBe('120 in stock');
    stockPost($shop, 'stock/counting', ['counting' => 'none'])->assertOk();
    expect(stockOf($shop))
        ->toBe('stock not counted')
        ->and(fn() => setStock($shop, '5'))
        ->toThrow(Refusal::class, 'is not counted');
    stockPost($shop, 'stock/counting', ['counting' => 'guess'])->assertStatus(422);
    $shop->undo();
    expect(stockOf($shop))->toBe('120 in stock');
});

it('marks what is low, can be ordered ahead or only in numbers, for whom it is said', function (): void {
    $this->travelTo(now()->parse('2026-12-01 12:00'));
    $shop = Shop::stocked();
    $set = fn(DetailKind $kind, string $typed, array $where) => app(SetDetail::class)->ofPart(
        $shop->change(),
        $kind,
        $shop->part($where),
        [$typed],
    );
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::LowMark, ['3']);
    setStock($shop, '3', ['Color' => 'Moss', 'Size' => 'S']);
    setStock($shop, '0', ['Color' => 'Clay']);
    $set(DetailKind::PreOrder, '2027-01-15', ['Color' => 'Clay', 'Size' => 'S']);
    $set(DetailKind::Least, '2', ['Color' => 'Moss']);
    $set(DetailKind::Most, '6', ['Color' => 'Moss']);
    expect(fn() => $set(DetailKind::Least, '7', ['Color' => 'Moss', 'Size' => 'S']))->toThrow(
        UnreadableDetail::class,
        'Moss, S: nobody could order, with at least 7 and at most 6',
    );

    $page = fn(array $where) => $this->actingAs($shop->user)->get(
        '/products/SMOCK/preview?choice=' . $shop->token($where),
    );
    $page(['Color' => 'Moss', 'Size' => 'S'])
        ->assertSee('Only 3 left')
        ->assertSee('At least 2 per order')
        ->assertSee('At most 6 per order')
        ->assertSee('Add to basket');
    $page(['Color' => 'Clay', 'Size' => 'S'])
        ->assertSee('Order ahead')
        ->assertSee('Here on 15 January 2027');
    $page(['Color' => 'Clay', 'Size' => 'M'])->assertSee('Sold out</button>', false);
    expect($shop->variant('SMOCK-MOSS-S')['offers'])
        ->toMatchArray([
            'availability' => 'https://schema.org/LimitedAvailability',
            'eligibleQuantity' => ['@type' => 'QuantitativeValue', 'minValue' => 2, 'maxValue' => 6],
        ])
        ->and($shop->variant('SMOCK-CLAY-S')['offers'])
        ->toMatchArray(['availability' => 'https://schema.org/PreOrder', 'availabilityStarts' => '2027-01-15'])
        ->and($shop->variant('SMOCK-CLAY-M')['offers']['availability'])
        ->toEndWith('OutOfStock')
        ->and($shop->rows()['SMOCK-CLAY-S'])
        ->toMatchArray(['low mark' => '3', 'pre-order' => '2027-01-15', 'stock' => '0']);
    $board = $this->get('/products/SMOCK?lens=stock');
    foreach (
        ['class="stock low number"', 'class="stock pre-order number"', 'class="stock sold-out number"']
        as $class
    ) {
        $board->assertSee($class, false);
    }
});

it('adds up what is counted by color where colors become one, or their axis goes, if stock is to add up', function (
    bool $addsUp,
    string $merged,
    string $dropped,
): void {
    $shop = Shop::stocked();
    app(SetCounting::class)->run($shop->change(), Counting::Pictures);
    foreach (['Moss' => '100', 'Clay' => '50', 'Slate' => '150'] as $color => $units) {
        setStock($shop, $units, ['Color' => $color]);
    }
    $shop->merge('Clay', 'Moss', new MatrixChoices(stockAddsUp: $addsUp));
    expect(stockOf($shop))->toBe($merged);
    // What single SKUs had before sleeps, and is not told of in the plan.
    expect($shop->words())->not->toContain('in stock');
    $shop->undo();
    expect(stockOf($shop))->toStartWith('300 in stock');
    $shop->axes(['Size' => 'S, M, L, XL'], survivors: [$shop->id('Color') => $shop->id('Moss')], stockAddsUp: $addsUp);
    expect(stockOf($shop))->toBe($dropped);
})->with([
    [true, '300 in stock, counted for each picture combination', '300 in stock, counted for each picture combination'],
    [false, '250 in stock, counted for each picture combination', '100 in stock, counted for each picture combination'],
]);

it('says nothing of units by the way of other details', function (): void {
    $shop = Shop::stocked();
    foreach (['counting' => 'product', 'product units' => '5', 'picture units' => '5'] as $kind => $typed) {
        stockPost($shop, 'details/set', ['detail' => $kind, 'fields' => [$typed]])
            ->assertStatus(422)
            ->assertSee('in the Stock lens');
        stockPost($shop, 'details/set', [
            'detail' => $kind,
            'fields' => [$typed],
            'part' => '1',
            'selected' => '*',
        ])->assertStatus(422);
    }
    expect(stockOf($shop))->toBe('120 in stock');
});
