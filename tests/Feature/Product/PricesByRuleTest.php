<?php

declare(strict_types=1);

use App\Actions\Batches\StartBatch;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\ChangePrices;
use App\Actions\Skus\SetPrices;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Models\HistoryEntry;
use Core\Changes\Prices\PriceWay;
use Core\Changes\Prices\PriceWish;
use Core\Pricing\OwnPrices;
use Core\Reach\Selection;
use Tests\Support\Shop;

/** A product at 49.00 whose SKUs follow it. */
function ruledShop(): Shop
{
    $shop = Shop::stocked();
    app(SetPrices::class)->run($shop->change(), Selection::whole(), '');
    app(EditDetails::class)->run($shop->change(), 'price', '49');

    return $shop;
}

/** Typed in the Prices lens. */
function typePrice(Shop $shop, string $selected, string $typed, array $more = [])
{
    return test()
        ->actingAs($shop->user)
        ->post(
            '/products/SMOCK/skus/price',
            $more + [
                'version' => $shop->version(),
                'lens' => 'prices',
                'selected' => $selected,
                'typed' => $typed,
            ],
            ['HX-Request' => 'true'],
        )
        ->assertOk();
}

/** @return array<string, int> price => how many SKUs on offer have it */
function soldAt(Shop $shop): array
{
    $loaded = $shop->loaded();
    $prices = array_count_values(
        array_map(
            fn($sku): string => $loaded->core->price($sku)?->shown() ?? 'none',
            array_values($loaded->core->made),
        ),
    );
    ksort($prices);

    return $prices;
}

function ownPrices(Shop $shop): int
{
    return count(array_filter($shop->loaded()->core->made, fn($sku): bool => $sku->price !== null));
}

it(
    'makes a price typed for the whole product its base price (it gave every SKU a price of its own, so that a new one had none)',
    function (): void {
        $shop = Shop::open();
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
        typePrice($shop, '*', '45')->assertSee('45.00');
        expect(ownPrices($shop))
            ->toBe(0)
            ->and(soldAt($shop))
            ->toBe(['45.00' => 4])
            ->and($shop->words())
            ->toBe('Price of the whole product set to 45.00: base price 45.00 (was none)');
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L']);
        expect(soldAt($shop))->toBe(['45.00' => 6]);
        // What a value adds afterwards counts.
        typePrice($shop, $shop->token(['Size' => 'L']), '+3');
        expect(soldAt($shop))
            ->toBe(['45.00' => 4, '48.00' => 2])
            ->and(ownPrices($shop))
            ->toBe(0);
        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L']);
        expect(soldAt($shop))->toBe(['45.00' => 6, '48.00' => 3]);
        $shop->undo();
        $shop->undo();
        expect(soldAt($shop))->toBe(['45.00' => 6]);
        $shop->redo();
        expect(soldAt($shop))->toBe(['45.00' => 4, '48.00' => 2]);
    },
);

it('draws the whole board anew, since a rule shows where nobody pointed', function (): void {
    $shop = ruledShop();
    typePrice($shop, $shop->token(['Size' => 'XL']), '54')->assertHeaderMissing('HX-Retarget')->assertSee('54.00');
    typePrice($shop, $shop->token(['Size' => 'XL', 'Color' => 'Moss']), '57')->assertHeader('HX-Retarget', '#numbers');
    expect(soldAt($shop))
        ->toBe(['49.00' => 9, '54.00' => 2, '57.00' => 1])
        ->and(ownPrices($shop))
        ->toBe(1);
});

it('asks what becomes of own prices before it changes anything, and does what was answered', function (
    string $typed,
    string $own,
    array $costs,
    string $words,
): void {
    $shop = ruledShop();
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '60');
    $before = $shop->state();
    $entries = HistoryEntry::query()->count();
    typePrice($shop, '*', $typed)
        ->assertHeader('HX-Retarget', '#dialog-body')
        ->assertSee('1 SKU has a price of its own (60.00)')
        ->assertSee('A SKU that comes later follows');
    expect($shop->state())
        ->toBe($before)
        ->and(HistoryEntry::query()->count())
        ->toBe($entries);
    typePrice($shop, '*', $typed, ['way' => 'rule', 'own' => $own])->assertHeaderMissing('HX-Retarget');
    expect(soldAt($shop))->toBe($costs)->and($shop->words())->toBe($words);
    $shop->undo();
    expect(soldAt($shop))->toBe(['49.00' => 11, '60.00' => 1]);
    $shop->redo();
    expect(soldAt($shop))->toBe($costs);
})->with([
    [
        '52',
        'go',
        ['52.00' => 12],
        'Price of the whole product set to 52.00: base price 52.00 (was 49.00); 1 own price (60.00) let go of',
    ],
    [
        '52',
        'stay',
        ['52.00' => 11, '60.00' => 1],
        'Price of the whole product set to 52.00: base price 52.00 (was 49.00); 1 own price (60.00) kept',
    ],
    [
        '+10 %',
        'change',
        ['53.90' => 11, '66.00' => 1],
        'Price of the whole product raised by 10 %: base price 53.90 (was 49.00); 1 own price (60.00) changed too',
    ],
]);

it(
    'asks where SKUs come to something else than was typed, and gives them prices of their own where that is wanted',
    function (): void {
        $shop = ruledShop();
        typePrice($shop, $shop->token(['Size' => 'XL']), '+5');
        typePrice($shop, $shop->token(['Color' => 'Moss']), '52')
            ->assertHeader('HX-Retarget', '#dialog-body')
            ->assertSeeInOrder(['Moss adds +3.00', '49.00', '52.00', '54.00', '57.00']);
        typePrice($shop, $shop->token(['Color' => 'Moss']), '52', ['way' => 'own'])->assertHeader(
            'HX-Retarget',
            '#numbers',
        );
        expect(soldAt($shop))
            ->toBe(['49.00' => 6, '52.00' => 4, '54.00' => 2])
            ->and(ownPrices($shop))
            ->toBe(4);
    },
);

it('shows both ways in the dialog, each with what it does', function (): void {
    $shop = ruledShop();
    $ask = fn(array $input) => $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/skus/price/plan',
            $input + [
                'version' => $shop->version(),
                'selected' => '*',
                'typed' => '52',
            ],
            ['HX-Request' => 'true'],
        )
        ->assertOk();
    $ask([])->assertSee('change the base price')->assertSee('Base price 52.00 (was 49.00)');
    $ask(['way' => 'own'])
        ->assertSee('give each of these SKUs a price of its own')
        ->assertDontSee('Base price 52.00');
    $ask(['selected' => $shop->token(['Color' => 'Moss'])])->assertSee('change what Moss adds');
    $ask(['selected' => $shop->token(['Color' => 'Moss', 'Size' => 'S'])])
        ->assertSee('They get prices of their own')
        ->assertDontSee('name="way"', false);
    $ask(['typed' => '-60'])->assertSee('would come below zero');
    $ask(['selected' => $shop->token(['Color' => 'Moss']), 'typed' => '-60'])->assertSee(
        'would cost less than nothing',
    );
});

it('finds own prices that the rule makes, and lets go of them in one act', function (): void {
    $shop = ruledShop();
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '49');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '60');
    $page = $this->actingAs($shop->user)->get('/products/SMOCK/prices')->assertOk();
    $page->assertSee('4 own prices are just what the rule makes')->assertSee('Let');
    $this->get('/products/SMOCK?lens=prices')->assertSee('own, as the rule');
    $this->post(
        '/products/SMOCK/prices/needless',
        ['version' => $shop->version(), 'page' => 'prices'],
        ['HX-Request' => 'true'],
    )
        ->assertOk()
        ->assertDontSee('just what the rule makes');
    expect(ownPrices($shop))
        ->toBe(1)
        ->and(soldAt($shop))
        ->toBe(['49.00' => 11, '60.00' => 1])
        ->and($shop->words())
        ->toBe('4 own prices that are what the rule makes let go of');
    $shop->undo();
    expect(ownPrices($shop))->toBe(5);
});

it(
    'raises the prices of many products by a share, by their rules (it made thousands of own prices)',
    function (): void {
        $shop = ruledShop();
        typePrice($shop, $shop->token(['Size' => 'XL']), '+10');
        app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '60');
        app(StartBatch::class)->run(
            $shop->user,
            new BatchOrder('sku-price', ['value' => '+10 %'], BatchMode::AsFarAsPossible, Selection::whole()),
            [$shop->product->id],
        );
        expect(soldAt($shop))
            ->toBe(['53.90' => 8, '64.90' => 3, '66.00' => 1])
            ->and(ownPrices($shop))
            ->toBe(1);
        app(StartBatch::class)->run(
            $shop->user,
            new BatchOrder(
                'details',
                ['field' => 'price', 'value' => '-10 %'],
                BatchMode::AsFarAsPossible,
                Selection::whole(),
            ),
            [$shop->product->id],
        );
        expect($shop->words())
            ->toBe('Price of the product lowered by 10 % to 48.51 (was 53.90)')
            ->and(soldAt($shop))
            ->toBe(['48.51' => 8, '59.51' => 3, '66.00' => 1]);
        // What is not there cannot be raised.
        app(EditDetails::class)->run($shop->change(), 'price', null);
        expect(fn() => app(EditDetails::class)->run($shop->change(), 'price', '+5'))->toThrow(
            Core\Pricing\UnreadablePrice::class,
            'no price that could be raised',
        );
    },
);

it('raises a product without axes, whose only SKU follows it', function (): void {
    $shop = Shop::open();
    $shop->axes([]);
    app(ChangePrices::class)->run($shop->change(), Selection::whole(), new PriceWish('20'));
    app(ChangePrices::class)->run($shop->change(), Selection::whole(), new PriceWish('+10 %', way: PriceWay::Asking));
    expect(soldAt($shop))
        ->toBe(['22.00' => 1])
        ->and(ownPrices($shop))
        ->toBe(0);
    app(ChangePrices::class)->run(
        $shop->change(),
        Selection::whole(),
        new PriceWish('25', way: PriceWay::Own, others: OwnPrices::Stay),
    );
    expect(soldAt($shop))
        ->toBe(['25.00' => 1])
        ->and(ownPrices($shop))
        ->toBe(1);
});

/** The plan of a change of axes, as the dialog shows it. */
function planOf(Shop $shop, array $axes, array $more = [])
{
    return test()
        ->actingAs($shop->user)
        ->post('/products/SMOCK/setup/plan', $more + ['axes' => $axes, 'version' => $shop->version()], [
            'HX-Request' => 'true',
        ])
        ->assertOk();
}

it(
    'keeps what the value that stays added as its axis is dropped, until the axis returns or it is let go of (62.70 became 50.00 unsaid)',
    function (): void {
        $shop = ruledShop();
        app(App\Actions\Skus\AdjustPrices::class)->run($shop->change(), $shop->id('XL'), '+13.70', '');
        app(App\Actions\Skus\AdjustPrices::class)->run($shop->change(), $shop->id('Moss'), '+1', '');
        $sizes = $shop->loaded()->core->matrix->axes[1]->id;
        $plan = planOf(
            $shop,
            [['name' => 'Color', 'values' => 'Moss, Clay, Slate']],
            ['survivors' => [$sizes => $shop->id('XL')]],
        );
        $plan->assertSee('What Size XL adds (+13.70) goes on counting')->assertDontSee('Prices that change');
        $shop->axes(['Color' => 'Moss, Clay, Slate'], survivors: [$sizes => $shop->id('XL')]);
        expect(soldAt($shop))->toBe(['62.70' => 2, '63.70' => 1]);
        $page = test()
            ->get('/products/SMOCK/prices')
            ->assertOk()
            ->assertSee('Of axes that the product had')
            ->assertSee('Amount at Size XL');
        test()
            ->post(
                '/products/SMOCK/skus/about',
                ['version' => $shop->version(), 'selected' => $shop->token(['Color' => 'Moss'])],
                ['HX-Request' => 'true'],
            )
            ->assertSeeInOrder(['49.00', 'Size XL', '+13.70', '62.70', 'Moss', '+1.00', '63.70']);
        // A new color costs what its axis stands at.
        $shop->axes(['Color' => 'Moss, Clay, Slate, Plum']);
        expect(soldAt($shop))->toBe(['62.70' => 3, '63.70' => 1]);
        // The axis returns: each size adds its own again.
        $shop->axes(['Color' => 'Moss, Clay, Slate, Plum', 'Size' => 'S, M, L, XL']);
        expect(soldAt($shop))->toBe(['49.00' => 9, '50.00' => 3, '62.70' => 3, '63.70' => 1]);
        $shop->undo();
        // Or it is let go of.
        test()
            ->post(
                "/products/SMOCK/prices/values/{$shop->id('XL')}",
                ['version' => $shop->version(), 'page' => 'prices', 'amount' => '', 'percent' => ''],
                ['HX-Request' => 'true'],
            )
            ->assertOk();
        expect(soldAt($shop))
            ->toBe(['49.00' => 3, '50.00' => 1])
            ->and($shop->words())
            ->toBe('Price at Size XL set to no adjustment (was +13.70)');
        $shop->undo();
        expect(soldAt($shop))->toBe(['62.70' => 3, '63.70' => 1]);
    },
);

it('names every price that a change of axes changes, and it is so', function (): void {
    $shop = ruledShop();
    app(App\Actions\Skus\AdjustPrices::class)->run($shop->change(), $shop->id('XL'), '+5', '');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '55');
    $sizes = $shop->loaded()->core->matrix->axes[1]->id;
    $moss = $shop->sku(['Color' => 'Moss', 'Size' => 'S'])->id;
    // Moss keeps its S though XL stays: from then on it costs what XL costs.
    $cell = Core\Matrix\Combination::of([$shop->loaded()->core->matrix->axes[0]->id => $shop->id('Moss')])->key;
    $settled = ['survivors' => [$sizes => $shop->id('XL')], 'winners' => [$cell => $moss]];
    planOf($shop, [['name' => 'Color', 'values' => 'Moss, Clay, Slate']], $settled)->assertSee(
        'Prices that change: 49.00 → 54.00 for 1 SKU.',
    );
    app(App\Actions\Matrix\ChangeMatrix::class)->run(
        $shop->change(),
        [new Core\Changes\Matrix\DraftAxis('Color', 'Moss, Clay, Slate')],
        new Core\Changes\Matrix\MatrixChoices(survivors: $settled['survivors'], winners: $settled['winners']),
    );
    expect(soldAt($shop))
        ->toBe(['54.00' => 3])
        ->and($shop->words())
        ->toContain('changes prices: 49.00 → 54.00 for 1 SKU');
});

it(
    'names the prices and the units of who comes and stays where two values become one (50.00 became 55.00, 100 became 50 unsaid)',
    function (): void {
        $shop = ruledShop();
        app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '55');
        app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '50');
        $choices = new Core\Changes\Matrix\MatrixChoices(comersStay: true);
        $planned = app(App\Actions\Matrix\MergeValues::class)->plan(
            $shop->loaded(),
            $shop->id('Clay'),
            $shop->id('Moss'),
            $choices,
        );
        expect($planned->inWords())
            ->toContain('changes prices: 49.00 → 55.00 for 1 SKU')
            ->toContain('moves units: Moss, S 10 → Moss, S 50; ')
            ->toContain('and 1 more');
        app(App\Actions\Matrix\MergeValues::class)->run(
            $shop->change(),
            $shop->id('Clay'),
            $shop->id('Moss'),
            $choices,
        );
        expect(soldAt($shop))
            ->toBe(['49.00' => 7, '55.00' => 1])
            ->and($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)
            ->toBe(50);
    },
);

it('names where units go that SKUs share', function (): void {
    $shop = ruledShop();
    app(App\Actions\Skus\SetCounting::class)->run($shop->change(), Core\Details\Counting::Pictures);
    app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '100');
    app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '50');
    app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Slate']), '7');
    $plan = fn(string $colors) => planOf($shop, [
        ['name' => 'Color', 'values' => $colors],
        ['name' => 'Size', 'values' => 'S, M, L, XL'],
    ]);
    $plan('Moss, Clay')->assertSee('Units in stock: Slate 7 rest.');
    $plan('Moss, Clay, Slate, Plum')->assertDontSee('Units in stock');
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']);
    $plan('Moss, Clay, Slate')->assertSee('Units in stock: Slate 7 again.');
    $merged = app(App\Actions\Matrix\MergeValues::class)->plan(
        $shop->loaded(),
        $shop->id('Clay'),
        $shop->id('Moss'),
        new Core\Changes\Matrix\MatrixChoices(stockAddsUp: true),
    );
    expect($merged->inWords())->toContain('moves units: Moss 100 and Clay 50 → Moss 150');
});

it(
    'says in bulk what a value adds, to those products that have it, from the page and the command line',
    function (): void {
        $shop = ruledShop();
        $other = Shop::open('CLOG');
        $other->axes(['Color' => 'Moss']);
        app(EditDetails::class)->run($other->change(), 'price', '20');
        $user = $shop->user;
        app(App\Summaries\Summaries::class)->countSome();
        $this->actingAs($user)
            ->get('/bulk/new')
            ->assertOk()
            ->assertSee('What a value adds to the price')
            ->assertSee('XL');
        $this->post('/bulk', [
            'what' => 'value-price',
            'of' => (string) $shop->id('XL'),
            'value' => '+5',
        ])->assertRedirect();
        $batch = App\Models\Batch::query()->sole();
        expect($batch->words)
            ->toBe('What Size XL adds set to +5')
            ->and(soldAt($shop))
            ->toBe(['49.00' => 9, '54.00' => 3])
            ->and(soldAt($other))
            ->toBe(['20.00' => 1]);
        $this->post("/bulk/{$batch->id}/undo")->assertRedirect();
        expect(soldAt($shop))->toBe(['49.00' => 12]);
        $this->artisan('slate:bulk', [
            'what' => 'value-price',
            'value' => '+10 %',
            '--of' => 'color=moss',
            '--as' => $user->email,
        ])
            ->expectsOutputToContain('What Color Moss adds set to +10 %: done')
            ->assertExitCode(0);
        expect(soldAt($shop))
            ->toBe(['49.00' => 8, '53.90' => 4])
            ->and(soldAt($other))
            ->toBe(['22.00' => 1]);
        $this->artisan('slate:bulk', [
            'what' => 'value-price',
            'value' => '+5',
            '--of' => 'Moss',
            '--as' => $user->email,
        ])
            ->expectsOutputToContain('with its axis')
            ->assertExitCode(2);
        $this->from('/bulk/new')
            ->post('/bulk', ['what' => 'value-price', 'value' => '+5'])
            ->assertSessionHasErrors('refused');
        $this->from('/bulk/new')
            ->post('/bulk', ['what' => 'value-price', 'of' => (string) $shop->id('XL'), 'value' => 'much'])
            ->assertSessionHasErrors('refused');
    },
);

it('refuses a program what a person would be asked, rather than answer that all is well', function (): void {
    $shop = ruledShop();
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '60');
    $before = $shop->state();
    $this->actingAs($shop->user)
        ->postJson('/products/SMOCK/skus/price', ['version' => $shop->version(), 'selected' => '*', 'typed' => '52'])
        ->assertStatus(422)
        ->assertJsonPath('field', 'way');
    expect($shop->state())->toBe($before);
});
