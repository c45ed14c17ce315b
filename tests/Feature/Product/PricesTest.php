<?php

declare(strict_types=1);

use App\Actions\Matrix\MergeValues;
use App\Actions\Product\EditDetails;
use App\Actions\Product\SetDetail;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\ChangeCurrency;
use App\Actions\Skus\SetPrices;
use App\Http\Screens\Product\LadderSpot;
use App\Http\Screens\Product\PriceScreen;
use App\Models\HistoryEntry;
use Core\Changes\Matrix\MatrixChoices;
use Core\Details\DetailKind;
use Core\Pricing\UnreadablePrice;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Shop;

/** A product at 49.00 whose SKUs have no price of their own. */
function priced(string $base = '49'): Shop
{
    $shop = Shop::stocked();
    app(SetPrices::class)->run($shop->change(), Selection::whole(), '');
    app(EditDetails::class)->run($shop->change(), 'price', $base);

    return $shop;
}

/** @return array<string, int> price => how many SKUs on offer have it */
function pricesOf(Shop $shop): array
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

function adjust(Shop $shop, string $label, string $amount, string $percent = ''): void
{
    app(AdjustPrices::class)->run($shop->change(), $shop->id($label), $amount, $percent);
}

function pricesPost(Shop $shop, string $path, array $input)
{
    return test()
        ->actingAs($shop->user)
        ->post("/products/SMOCK/{$path}", ['version' => $shop->version(), 'page' => 'prices'] + $input, [
            'HX-Request' => 'true',
        ]);
}

it('lets a value add to the price of its SKUs, undone and redone', function (): void {
    $shop = priced('20');
    adjust($shop, 'XL', '+10.00');

    expect(pricesOf($shop))
        ->toBe(['20.00' => 9, '30.00' => 3])
        ->and($shop->loaded()->core->priceRange($shop->loaded()->core->made))
        ->toBe('20.00–30.00')
        ->and($shop->words())
        ->toBe('Price at Size XL set to +10.00 (was none)');
    $shop->undo();
    expect(pricesOf($shop))->toBe(['20.00' => 12]);
    $shop->redo();
    expect(pricesOf($shop))->toBe(['20.00' => 9, '30.00' => 3]);
});

it(
    'keeps what a value adds while the value is away, and gives it to a new one that is made like it',
    function (): void {
        $shop = priced('20');
        adjust($shop, 'XL', '+10', '5');
        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L']);
        expect(pricesOf($shop))->toBe(['20.00' => 9]);
        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
        expect(pricesOf($shop))->toBe(['20.00' => 9, '31.50' => 3]);
        app(App\Actions\Matrix\ChangeMatrix::class)->run(
            $shop->change(),
            [
                new Core\Changes\Matrix\DraftAxis('Color', 'Moss, Clay, Slate', key: '0'),
                new Core\Changes\Matrix\DraftAxis('Size', 'S, M, L, XL, XXL', key: '1'),
            ],
            new MatrixChoices(
                likes: [
                    '1' => [
                        new Core\Changes\Matrix\LikeChoice(
                            Core\Changes\Matrix\DraftValue::called('XXL'),
                            $shop->id('XL'),
                        ),
                    ],
                ],
            ),
        );
        expect(pricesOf($shop))->toBe(['20.00' => 9, '31.50' => 6]);
        // Of two that become one, what the one that stays adds holds.
        app(MergeValues::class)->run($shop->change(), $shop->id('XL'), $shop->id('L'), new MatrixChoices());
        expect(pricesOf($shop))->toBe(['20.00' => 9, '31.50' => 3]);
    },
);

it('refuses what would cost less than nothing, and has no price where a lower base comes to that', function (): void {
    $shop = priced('20');

    expect(fn() => adjust($shop, 'S', '-21'))->toThrow(UnreadablePrice::class, 'Moss, S would cost less than nothing');
    adjust($shop, 'S', '-15');
    app(EditDetails::class)->run($shop->change(), 'price', '10');
    expect(pricesOf($shop))->toBe(['10.00' => 9, 'none' => 3]);
    $this->actingAs($shop->user)->get('/products/SMOCK/prices')->assertOk()->assertSee('3 without a price');
});

it(
    'changes exactly the SKUs of a selection, by percent and with an ending, in one entry that says so',
    function (): void {
        $shop = priced();
        $entries = HistoryEntry::query()->count();
        pricesPost($shop, 'skus/price/plan', [
            'selected' => $shop->token(['Color' => 'Moss']),
            'typed' => '+10 %',
            'ending' => '.95',
        ])
            ->assertOk()
            ->assertSeeInOrder(['49.00', '53.95', '4']);
        pricesPost($shop, 'skus/price/plan', ['selected' => $shop->token(['Color' => 'Moss']), 'typed' => '1.234'])
            ->assertOk()
            ->assertSee('can be read as');
        pricesPost($shop, 'skus/price', [
            'selected' => $shop->token(['Color' => 'Moss']),
            'typed' => '+10 %',
            'ending' => '.95',
        ])->assertOk();

        expect(pricesOf($shop))
            ->toBe(['49.00' => 8, '53.95' => 4])
            ->and(HistoryEntry::query()->count())
            ->toBe($entries + 1)
            ->and($shop->words())
            ->toBe('Price of Moss, all sizes raised by 10 %, ending .95 (was 49.00)');
        $shop->undo();
        expect(pricesOf($shop))->toBe(['49.00' => 12]);
    },
);

it('explains a price line by line, on screen and on the command line', function (): void {
    $shop = priced();
    adjust($shop, 'XL', '+10');
    adjust($shop, 'Moss', '', '8');
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Ending, ['.95']);
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Cost, ['21']);
    pricesPost($shop, 'skus/about', ['selected' => $shop->token(['Color' => 'Moss', 'Size' => 'XL'])])
        ->assertOk()
        ->assertSeeInOrder([
            'Base',
            '49.00',
            'XL',
            '+10.00',
            '59.00',
            'Moss',
            '+8 %',
            '63.72',
            'Ending .95',
            '63.95',
            'It follows the product',
            '42.95, 67.2 %',
        ]);

    expect(Artisan::call('slate:explain', ['sku' => 'SMOCK-MOSS-XL', '--json' => true]))->toBe(0);
    $told = json_decode(Artisan::output(), true);
    expect($told['price'])
        ->toMatchArray([
            'amount' => '63.95',
            'currency' => 'EUR',
            'own' => null,
            'cost' => '21.00',
            'margin' => ['amount' => '42.95', 'percent' => '67.2'],
        ])
        ->and(array_column($told['price']['steps'], 'amount'))
        ->toBe(['49.00', '59.00', '63.72', '63.95'])
        ->and($told['choice'])
        ->toBe(['Color' => 'Moss', 'Size' => 'XL'])
        ->and($told['stock'])
        ->toMatchArray(['count' => 10, 'counted_by' => 'sku'])
        ->and($told['code'])
        ->toBe(['text' => 'SMOCK-MOSS-XL', 'typed' => false])
        ->and($told['roles'])
        ->toHaveKey('lead')
        ->and(Artisan::call('slate:explain', ['sku' => 'NOBODY']))
        ->toBe(2)
        ->and(Artisan::call('slate:explain', ['sku' => 'SMOCK-MOSS-XL']))
        ->toBe(0)
        ->and(Artisan::output())
        ->toContain('63.95');
});

it('refuses a sale that is not below the regular price, and says where', function (): void {
    $shop = priced();
    $set = fn(array $typed, ?Selection $where = null) => $where === null
        ? app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Sale, $typed)
        : app(SetDetail::class)->ofPart($shop->change(), DetailKind::Sale, $where, $typed);

    expect(fn() => $set(['49', '', '']))
        ->toThrow(UnreadablePrice::class, 'A sale price of 49.00 is not below the regular 49.00 of Moss, S')
        ->and(fn() => $set(['39', '2026-12-24', '2026-12-01']))
        ->toThrow(UnreadablePrice::class, 'end before it begins');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '30');
    expect(fn() => $set(['39', '', '']))->toThrow(UnreadablePrice::class, 'regular 30.00 of Clay, S');
    $set(['39', '', ''], $shop->part(['Color' => 'Moss']));
    // What a part says otherwise does not stand in the way of the product.
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '38');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '');
    $set(['35', '', '']);
    $set(['', '', '']);
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '');
    // Made cheaper afterwards, the sale is no sale any more: shoppers pay what is regular, and it is said.
    app(EditDetails::class)->run($shop->change(), 'price', '38');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/prices')
        ->assertSee('The sale is not below the regular price: Moss, S; Moss, M');
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss', 'Size' => 'S']))
        ->assertSee('38.00 EUR')
        ->assertDontSee('39.00');
});

it('shows a sale to shoppers on its days only, in the preview, the sheet and JSON-LD', function (
    string $day,
    string $pays,
    bool $isOn,
): void {
    $this->travelTo(now()->parse("{$day} 12:00"));
    $shop = priced();
    app(SetDetail::class)->ofPart($shop->change(), DetailKind::Sale, $shop->part(['Color' => 'Moss']), [
        '39',
        '2026-12-01',
        '2026-12-24',
    ]);
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::ListPrice, ['59']);
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Breaks, ['10', '5 %', 'unit', '50', '20', 'order']);
    $page = $this->actingAs($shop->user)
        ->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss', 'Size' => 'M']))
        ->assertOk()
        ->assertSee("{$pays} EUR")
        ->assertSee('From 10: 5 % off each unit')
        ->assertSee('From 50: 20.00 off the order');
    // 39.00 less 5 % is 37.05, 49.00 less 5 % is 46.55.
    $page->assertSee($isOn ? '10 cost 370.50' : '10 cost 465.50');
    $page->assertSee($isOn ? '49.00</del>' : '59.00</del>', false);
    // Where only some of what is in question is reduced, nothing is struck through.
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Size' => 'M']))->assertDontSee('49.00</del>', false);
    $offer = $shop->variant('SMOCK-MOSS-M')['offers'];

    expect($offer['price'])
        ->toBe($pays)
        ->and($offer['priceValidUntil'] ?? null)
        ->toBe($isOn ? '2026-12-24' : null)
        ->and(array_column($offer['priceSpecification'], 'price', 'priceType'))
        ->toMatchArray(
            ['https://schema.org/ListPrice' => '59.00'] + ($isOn ? ['https://schema.org/RegularPrice' => '49.00'] : []),
        )
        ->and(collect($offer['priceSpecification'])->firstWhere('eligibleQuantity.minValue', 10)['price'])
        ->toBe($isOn ? '37.05' : '46.55')
        ->and($shop->rows()['SMOCK-MOSS-M'])
        ->toMatchArray(['effective price' => '49.00', 'sale price' => '39.00', 'list price' => '59.00'])
        ->and($shop->rows()['SMOCK-CLAY-M']['sale price'])
        ->toBe('');
})->with([
    ['2026-11-30', '49.00', false],
    ['2026-12-01', '39.00', true],
    ['2026-12-24', '39.00', true],
    ['2026-12-25', '49.00', false],
]);

it('says what becomes of every amount in another currency, and changes all of them', function (): void {
    $shop = priced('49.5');
    adjust($shop, 'XL', '+10.25', '8');
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Cost, ['21.40']);
    app(SetDetail::class)->ofPart($shop->change(), DetailKind::Sale, $shop->part(['Color' => 'Moss']), [
        '39.50',
        '',
        '',
    ]);
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Ending, ['.95']);
    $before = $shop->state();
    $page = $this->actingAs($shop->user)
        ->post('/products/SMOCK/currency/plan', ['code' => 'JPY'])
        ->assertOk();
    foreach (['10.25' => '10', '21.40' => '21', '39.50' => '40'] as $from => $to) {
        $page->assertSeeInOrder([$from, $to]);
    }
    expect(fn() => app(ChangeCurrency::class)->run($shop->change(), 'JPY'))->toThrow(Refusal::class, 'JPY cannot have');
    app(ChangeCurrency::class)->rounding($shop->change(), 'JPY');
    $loaded = $shop->loaded();
    expect($loaded->core->prices->base?->shown())
        ->toBe('50')
        ->and($loaded->core->prices->adjustments[$shop->id('XL')]->inWords())
        ->toBe('+10 and +8 %')
        ->and($loaded->core->state->details->details->whole(DetailKind::Cost))
        ->toBe('21')
        ->and($loaded->core->state->details->details->parts(DetailKind::Sale)[0]->text)
        ->toBe('40 - -')
        ->and($loaded->core->state->details->details->whole(DetailKind::Ending))
        ->toBe('')
        ->and($shop->words())
        ->toContain('prices have no ending any more');
    $shop->undo();
    expect($shop->state()['details'])->toEqual($before['details']);
});

it('says of a part what the product does not, and lets the part follow again', function (): void {
    $shop = priced();
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Cost, ['20']);
    $moss = ['selected' => $shop->token(['Color' => 'Moss']), 'detail' => 'cost', 'part' => 1];
    $cost = fn(string $label): string => $shop
        ->loaded()
        ->core->prices->cost(
            $shop->loaded()->core->skusIn($shop->part(['Color' => $label])->cells($shop->loaded()->core->matrix))[0]
                ->cell,
        )
        ?->shown() ?? 'none';
    pricesPost($shop, 'details/part', $moss)->assertOk()->assertSee('Cost of Moss')->assertSee('The product has 20.00');
    pricesPost($shop, 'details/set', $moss + ['fields' => ['24']])
        ->assertOk()
        ->assertSee('Said otherwise of parts');
    expect([$cost('Moss'), $cost('Clay')])->toBe(['24.00', '20.00']);
    pricesPost($shop, 'details/set', ['none' => 1] + $moss)->assertOk();
    expect([$cost('Moss'), $cost('Clay')])->toBe(['none', '20.00']);
    // A new size of Moss says what Moss says.
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL, XXL']);
    expect($shop->rows()['SMOCK-MOSS-XXL']['cost'])->toBe('none');
    pricesPost($shop, 'details/set', $moss)->assertOk();
    expect([$cost('Moss'), $cost('Clay')])->toBe(['20.00', '20.00']);
    pricesPost($shop, 'details/set', ['selected' => ''] + $moss)
        ->assertStatus(422)
        ->assertSee('Select the SKUs first');
    pricesPost($shop, 'details/part', ['selected' => ''] + $moss)
        ->assertStatus(422)
        ->assertSee('Select the SKUs first');
    pricesPost($shop, 'details/set', ['detail' => 'breaks', 'fields' => ['2', '5 %', 'unit']] + $moss)
        ->assertStatus(422)
        ->assertSee('the whole product has the same');
    pricesPost($shop, 'details/set', ['detail' => 'colour'] + $moss)
        ->assertStatus(422)
        ->assertSee('Say first what');
});

it('keeps a part that sleeps, and what is said follows through undo, redo and comparing', function (): void {
    $shop = priced();
    app(SetDetail::class)->ofPart($shop->change(), DetailKind::Cost, $shop->part(['Color' => 'Moss']), ['24']);
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
    app(SetDetail::class)->ofPart($shop->change(), DetailKind::Cost, $shop->part(['Color' => 'Clay']), ['24']);
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
    $costs = fn(): array => array_count_values(
        array_map(
            fn($sku): string => $shop->loaded()->core->prices->cost($sku->cell)?->shown() ?? 'none',
            array_values($shop->loaded()->core->made),
        ),
    );
    expect($costs())->toBe(['24.00' => 8, 'none' => 4]);
    $shop->undo();
    $shop->undo();
    $shop->undo();
    expect($costs())->toBe(['24.00' => 4, 'none' => 8]);
    $shop->redo();
    $shop->redo();
    $shop->redo();
    expect($costs())->toBe(['24.00' => 8, 'none' => 4]);
    $entries = HistoryEntry::query()
        ->where('product_id', $shop->product->id)
        ->orderByDesc('id')
        ->limit(4)
        ->pluck('id')
        ->all();
    $this->actingAs($shop->user)
        ->get("/products/SMOCK/history/compare?from={$entries[3]}&to={$entries[0]}")
        ->assertOk()
        ->assertSee('Cost, Moss');
});

it('draws the ladder and says what stands out', function (): void {
    $shop = priced();
    adjust($shop, 'XL', '+5');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'XL']), '49');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/prices')
        ->assertOk()
        ->assertSee('in 2 steps')
        ->assertSee('Clay, XL')
        ->assertSee('stands out')
        ->assertSee('1 with a price of its own');
});

it('changes 600 prices in one request and one entry, undone in one act', function (): void {
    $shop = Shop::open();
    $shop->axes([
        'Color' => implode(',', array_map(fn(int $at): string => "Hue {$at}", range(1, 24))),
        'Size' => implode(',', array_map(fn(int $at): string => "Step {$at}", range(1, 25))),
    ]);
    app(EditDetails::class)->run($shop->change(), 'price', '49');
    $entries = HistoryEntry::query()->count();
    pricesPost($shop, 'skus/price', [
        'selected' => '*',
        'typed' => '+10 %',
        'ending' => '.95',
        'page' => 'board',
        'lens' => 'prices',
    ])->assertOk();
    expect(pricesOf($shop))
        ->toBe(['53.95' => 600])
        ->and(HistoryEntry::query()->count())
        ->toBe($entries + 1);
    $shop->undo();
    expect(pricesOf($shop))->toBe(['49.00' => 600]);
});

it('loads and shows what could be read in two ways as it was meant', function (): void {
    $shop = priced();
    app(ChangeCurrency::class)->rounding($shop->change(), 'KWD');
    app(EditDetails::class)->run($shop->change(), 'price', '4.1250');
    adjust($shop, 'XL', '+1.2500', '12.1250 %');
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Sale, ['3.1250', '', '']);
    app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Dimensions, ['20.1250 x 10 x 5 cm']);
    // (4.125 + 1.25) × 1.12125 is 6.0267…
    expect(pricesOf($shop))
        ->toBe(['4.125' => 9, '6.027' => 3])
        ->and($shop->variant('SMOCK-MOSS-S')['depth']['value'])
        ->toBe(20.125);
    $page = $this->actingAs($shop->user)->get('/products/SMOCK/prices')->assertOk();
    foreach (['value="4.1250"', 'value="+1.250"', 'value="+12.1250"', 'value="3.1250"'] as $field) {
        $page->assertSee(str_replace('+1.250"', '+1.2500"', $field), false);
    }
    pricesPost($shop, "prices/values/{$shop->id('XL')}", ['amount' => '+1.2500', 'percent' => '+12.1250'])->assertOk();
    expect(pricesOf($shop))->toBe(['4.125' => 9, '6.027' => 3]);
});

it('draws thousands of SKUs as runs, and what stands out by itself', function (): void {
    $shop = Shop::open();
    $shop->axes([
        'Color' => implode(',', array_map(fn(int $at): string => "Hue {$at}", range(1, 24))),
        'Size' => implode(',', array_map(fn(int $at): string => "Step {$at}", range(1, 25))),
    ]);
    app(EditDetails::class)->run($shop->change(), 'price', '49');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Hue 3', 'Size' => 'Step 9']), '4.90');
    $drawing = PriceScreen::of($shop->loaded())->ladder;
    expect(count($drawing->spots))
        ->toBe(26)
        ->and(array_sum(array_map(fn(LadderSpot $spot): int => $spot->count, $drawing->spots)))
        ->toBe(600)
        ->and(array_map(fn(LadderSpot $spot): string => $spot->inWords(), $drawing->odd()))
        ->toBe(['Hue 3, Step 9: 4.90, its own, stands out'])
        ->and(max(array_map(fn(LadderSpot $spot): float => $spot->x + $spot->width, $drawing->spots)))
        ->toBeLessThanOrEqual(1000.01);
});

it(
    'goes by the shop’s own day (a sale until the 24th ended in the afternoon on the coast, and at two in the morning in Berlin)',
    function (string $zone, string $at, bool $isOn): void {
        config(['slate.zone' => $zone]);
        $this->travelTo(Illuminate\Support\Carbon::parse($at));
        $shop = priced();
        app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Sale, ['39', '2026-12-01', '2026-12-24']);
        $page = $this->actingAs($shop->user)->get('/products/SMOCK/preview')->assertOk();
        expect(str_contains((string) $page->getContent(), '49.00</del>'))->toBe($isOn);
    },
)->with([
    ['UTC', '2026-12-24 23:30:00 UTC', true],
    ['Europe/Berlin', '2026-12-24 23:30:00 UTC', false],
    ['America/Los_Angeles', '2026-12-25 07:30:00 UTC', true],
    ['Europe/Berlin', '2026-11-30 23:30:00 UTC', true],
]);

it(
    'claims a quantity price only for the quantities at which it holds (5 % from 10 was claimed from 50 on, where it does not)',
    function (): void {
        $shop = priced();
        app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Breaks, [
            '10',
            '5 %',
            'unit',
            '50',
            '20',
            'order',
        ]);
        $prices = array_values(
            array_filter(
                $shop->variant('SMOCK-MOSS-M')['offers']['priceSpecification'],
                fn(array $one): bool => isset($one['eligibleQuantity']),
            ),
        );
        expect(array_column($prices, 'eligibleQuantity'))->toBe([
            ['@type' => 'QuantitativeValue', 'minValue' => 10, 'maxValue' => 49],
        ]);
    },
);

it(
    'takes no price beyond the greatest, and counts the product all the same (counting failed on it for ever, and said that it counted)',
    function (): void {
        $shop = priced('999999999');
        $this->actingAs($shop->user)
            ->post(
                '/products/SMOCK/prices/values/' . $shop->id('Moss'),
                ['percent' => '1000', 'version' => $shop->version()],
                ['HX-Request' => 'true'],
            )
            ->assertStatus(422)
            ->assertSee('would cost more than any price can be');
        // Where it comes about otherwise, there is no price, and that is said.
        adjust($shop, 'Moss', '-999999998', '');
        adjust($shop, 'XL', '', '1000');
        adjust($shop, 'Moss', '', '');
    },
)->throws(UnreadablePrice::class, 'would cost more than any price can be');

it('counts what can be counted, and says what cannot', function (): void {
    $shop = priced('999999999');
    DB::table('product_values')
        ->where('value_id', $shop->id('XL'))
        ->update(['price_percent' => '1000']);
    DB::table('products')->update(['is_counted' => false]);
    $this->artisan('slate:recount', ['--waiting' => true])
        ->expectsOutputToContain('1 products counted')
        ->assertSuccessful();
    $this->actingAs($shop->user)->get('/products/SMOCK/prices')->assertOk()->assertSee('more than any price can be');
    expect($shop->loaded()->core->price($shop->sku(['Color' => 'Moss', 'Size' => 'XL'])))->toBeNull();
    DB::table('products')->update(['is_counted' => false, 'currency' => 'XXQ']);
    $this->artisan('slate:recount', ['--waiting' => true])
        ->expectsOutputToContain('1 could not be counted')
        ->assertFailed();
});

it('takes a price of nothing in a currency without minor units for a price (it was none)', function (): void {
    $shop = priced('0');
    DB::table('products')->update(['currency' => 'JPY']);
    $this->actingAs($shop->user)->get('/products/SMOCK/details')->assertOk()->assertDontSee('none yet');
    app(App\Actions\Skus\SetPrices::class)->run($shop->change(), Core\Reach\Selection::whole(), '500');
    expect($shop->words())->toContain('(was 0)');
});
