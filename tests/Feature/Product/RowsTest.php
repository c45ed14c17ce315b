<?php

declare(strict_types=1);

use App\Models\HistoryEntry;
use App\Models\Right;
use Core\Product\Sku;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Shop;

/** A cell as the page sends it. */
function typedCell(Shop $shop, array $where, string $header, string $was, string $text, int $row = 1): array
{
    return [$row, $shop->product->id, $shop->sku($where)->id, $header, $was, $text];
}

it('shows a row for each SKU, in the columns that a person chose', function (): void {
    $shop = Shop::stocked();
    $this->be($shop->user)
        ->get(route('rows', $shop->product))
        ->assertOk()
        ->assertSee('SMOCK-MOSS-S')
        ->assertSee('Effective price')
        ->assertDontSee('Alt texts</th>', false);
    $this->from(route('rows', $shop->product))
        ->post(route('rows.columns'), ['columns' => ['photos', 'stock']])
        ->assertRedirect(route('rows', $shop->product));
    $this->get(route('rows', $shop->product))
        ->assertSee('Moss front.jpg|')
        ->assertDontSee('Effective price</th>', false);
});

it('types into cells of one product: kept at once, in the history in words, undone as one', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('rows.type', $shop->product), [
            'page' => 'rows',
            'edits' => json_encode([
                typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4'),
                typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'weight g', '', '350'),
                typedCell($shop, ['Color' => 'Clay', 'Size' => 'M'], 'price', '49.00', '52'),
            ]),
        ])
        ->assertOk()
        ->assertSee('52.00');
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)
        ->toBe(4)
        ->and($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->weightG)
        ->toBe(350)
        ->and($shop->sku(['Color' => 'Clay', 'Size' => 'M'])->price?->shown())
        ->toBe('52.00')
        ->and($shop->words())
        ->toBe(
            'Stock of Moss, S set to 4 (was 10); weight g of Moss, S set to 350 (was nothing); ' .
                'price of Clay, M set to 52 (was 49.00)',
        );
    $shop->undo();
    expect($shop->state())->toBe($before);
});

it('keeps nothing where one cell cannot be, and says which', function (
    string $header,
    string $was,
    string $text,
    string $words,
): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('rows.type', $shop->product), [
            'page' => 'rows',
            'edits' => json_encode([
                typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4'),
                typedCell($shop, ['Color' => 'Clay', 'Size' => 'M'], $header, $was, $text, 7),
            ]),
        ])
        ->assertStatus(422)
        ->assertSee($words)
        ->assertSee('Nothing was changed');
    expect($shop->state())->toBe($before);
})->with([
    'a price that is none' => ['price', '49.00', 'dear', 'Row 7, price'],
    'a number with two readings' => ['price', '49.00', '0,500', 'Row 7, price'],
    'a code that another has' => ['sku', 'SMOCK-CLAY-M', 'SMOCK-MOSS-S', 'SMOCK-MOSS-S'],
    'a GTIN whose check digit is wrong' => ['gtin', '', '4006381333932', 'Row 7, gtin'],
    'what somebody else changed' => ['stock', '9', '3', 'somebody else changed it'],
    'a value of an axis' => ['axis Color', 'Clay', 'Moss', 'is not typed here'],
]);

it('types into several products together, and takes that back together', function (): void {
    $shop = Shop::stocked();
    $other = Shop::open('APRON');
    $other->axes(['Size' => 'S, M']);
    $before = [$shop->state(), $other->state()];
    $edits = [
        typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4'),
        typedCell($other, ['Size' => 'S'], 'stock', '', '6'),
    ];
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('catalog.rows.type', ['q' => 'smock']), ['edits' => json_encode($edits)])
        ->assertOk();
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)
        ->toBe(4)
        ->and($other->sku(['Size' => 'S'])->stock)
        ->toBe(6)
        ->and(HistoryEntry::query()->where('action', 'TypeRows')->distinct()->count('batch'))
        ->toBe(1);

    $this->post(route('catalog.rows.back', ['way' => 'undo']))->assertOk();
    expect([$shop->state(), $other->state()])->toBe($before);
    $this->post(route('catalog.rows.back', ['way' => 'redo']))->assertOk();
    expect($other->sku(['Size' => 'S'])->stock)->toBe(6);
    $this->post(route('catalog.rows.back', ['way' => 'redo']))
        ->assertStatus(422)
        ->assertSee('nothing typed into rows to redo');
    $this->post(route('catalog.rows.back', ['way' => 'undo']))->assertOk();
    expect([$shop->state(), $other->state()])->toBe($before);
});

it('changes no product where one of several refuses', function (): void {
    $shop = Shop::stocked();
    $other = Shop::open('APRON');
    $other->axes(['Size' => 'S, M']);
    $before = [$shop->state(), $other->state()];
    $edits = [
        typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4'),
        typedCell($other, ['Size' => 'S'], 'stock', '', 'many'),
    ];
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('catalog.rows.type'), ['edits' => json_encode($edits)])
        ->assertStatus(422);
    expect([$shop->state(), $other->state()])->toBe($before);
});

it('keeps once what is sent twice with one token', function (): void {
    $shop = Shop::stocked();
    $sent = [
        'page' => 'rows',
        'token' => (string) Str::uuid(),
        'edits' => json_encode([typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4')]),
    ];
    $this->be($shop->user)->post(route('rows.type', $shop->product), $sent)->assertOk();
    $this->post(route('rows.type', $shop->product), $sent);
    expect(HistoryEntry::query()->where('action', 'TypeRows')->count())->toBe(1);
});

it('adds a row with a new value: shown before, just the cell it needs, undone in one', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->get(route('rows.new', [$shop->product, 'like' => $shop->sku(['Color' => 'Clay', 'Size' => 'M'])->id]))
        ->assertOk()
        ->assertSee('value="Clay"', false);
    $rows = json_encode([['axis Color' => 'Dusk', 'axis Size' => 'M', 'sku' => 'SMOCK-DUSK', 'stock' => '3']]);
    $this->post(route('rows.plan', $shop->product), ['rows' => $rows])
        ->assertOk()
        ->assertSee('Makes 1 SKU.')
        ->assertSee('New: Color Dusk.')
        ->assertSee('3 other combinations are left out');
    expect($shop->state())->toBe($before);
    $this->post(route('rows.add', $shop->product), [
        'page' => 'rows',
        'version' => $shop->version(),
        'rows' => $rows,
    ])
        ->assertOk()
        ->assertSee('SMOCK-DUSK');
    $sku = $shop->sku(['Color' => 'Dusk', 'Size' => 'M']);
    expect([$sku->code, $sku->stock, count($shop->loaded()->core->made)])->toBe(['SMOCK-DUSK', 3, 13]);
    $shop->undo();
    expect($shop->state())->toBe($before);
});

it('says why a row cannot be added', function (array $row, string $words): void {
    $shop = Shop::stocked();
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->post(route('rows.plan', $shop->product), ['rows' => json_encode([$row])])
        ->assertStatus(422)
        ->assertSee($words);
})->with([
    'a code that another SKU has' => [
        ['axis Color' => 'Dusk', 'axis Size' => 'M', 'sku' => 'SMOCK-MOSS-S'],
        'SMOCK-MOSS-S',
    ],
    'no size' => [['axis Color' => 'Dusk'], 'Size'],
    'nearly a color of the shop' => [['axis Color' => 'Mosss', 'axis Size' => 'M'], 'Moss'],
    'a column that is none' => [['axis Color' => 'Dusk', 'axis Size' => 'M', 'smell' => 'fresh'], 'no column smell'],
]);

it('is typed into by those alone who may edit', function (): void {
    $shop = Shop::stocked();
    $edits = json_encode([typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'stock', '10', '4')]);
    $this->be(Shop::person(Right::View))
        ->get(route('rows', $shop->product))
        ->assertOk()
        ->assertSee('data-can-edit="0"', false)
        ->assertDontSee('Add a row');
    $this->get(route('catalog.rows'))->assertOk();
    $this->post(route('rows.type', $shop->product), ['edits' => $edits])->assertForbidden();
    $this->post(route('catalog.rows.type'), ['edits' => $edits])->assertForbidden();
    $this->post(route('catalog.rows.back', ['way' => 'undo']))->assertForbidden();
    $this->post(route('rows.add', $shop->product), ['rows' => '[{}]'])->assertForbidden();
});

it('refuses nonsense in words', function (mixed $edits): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $status = $this->be($shop->user)
        ->post(route('rows.type', $shop->product), ['edits' => $edits])
        ->status();
    expect($status)
        ->toBeIn([302, 422])
        ->and($shop->state())
        ->toBe($before);
})->with([
    'nothing' => [''],
    'no JSON' => ['{'],
    'no list' => ['{"a":1}'],
    'an empty list' => ['[]'],
    'a list of numbers' => ['[1,2]'],
    'texts for ids' => ['[["1","2","3","stock","",""]]'],
    'a product that is not there' => ['[[1,999999,1,"stock","","4"]]'],
    'a column that is none' => ['[[1,1,1,"smell","","4"]]'],
    'an array' => [['a']],
    'six thousand cells' => [json_encode(array_fill(0, 6_000, [1, 1, 1, 'stock', '', '4']))],
]);

it('shows three hundred rows at a time, and asks no more for many than for few', function (): void {
    $few = Shop::open('FEW');
    $few->axes(['Size' => 'S, M']);
    $many = Shop::open('MANY');
    $many->axes([
        'Color' => implode(', ', array_map(fn(int $at): string => "Tone {$at}", range(1, 20))),
        'Number' => implode(', ', range(1, 20)),
    ]);
    $queries = function (Shop $shop): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->be($shop->user)->get(route('rows', $shop->product))->assertOk();

        return count(DB::getQueryLog());
    };
    $queries($few);
    $ofFew = $queries($few);
    expect($queries($many))->toBe($ofFew)->and($ofFew)->toBeLessThan(25);
    $this->get(route('rows', $many->product))
        ->assertSee('Later rows')
        ->assertDontSee('<th scope="row" class="number">301<', false);
    $this->get(route('rows', [$many->product, 'from' => 300]))
        ->assertSee('<th scope="row" class="number">301<', false)
        ->assertSee('Earlier rows');
});

it('makes an axis of a column that is typed, shown before, and a mere column of it again', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $own = fn(): array => array_map(
        fn(Sku $sku): array => [$sku->code, $sku->stock, $sku->price?->shown(), $sku->gtin],
        array_column($shop->loaded()->core->made, null, 'id'),
    );
    $numbers = $own();
    $lines = implode("\n", ['linen', 'Linen', 'felt', 'felt', ...array_fill(0, 8, 'linen')]);
    $this->be($shop->user)
        ->withHeader('HX-Request', 'true')
        ->get(route('rows.axes', $shop->product))
        ->assertOk()
        ->assertSee('Which columns make SKUs')
        ->assertSee('3 values, makes SKUs');
    $typed = ['name' => 'Cloth', 'values' => $lines];
    $this->post(route('rows.axis.plan', $shop->product), $typed)
        ->assertOk()
        ->assertSee('12 SKUs go to their values')
        ->assertSee('New: the axis Cloth, Cloth linen, Cloth felt.')
        ->assertSee('12 other combinations are left out');
    expect($shop->state())->toBe($before);
    $this->post(route('rows.axis', $shop->product), ['page' => 'rows', 'version' => $shop->version()] + $typed)
        ->assertOk()
        ->assertSee('data-header="axis Cloth"', false);
    $now = $own();
    ksort($now);
    ksort($numbers);
    expect($now)->toBe($numbers);
    $cloths = fn(): array => array_map(
        fn(Sku $sku): string => $shop->loaded()->core->matrix->choice($sku->cell)['Cloth'] ?? '',
        array_column($shop->loaded()->core->made, null, 'id'),
    );
    $cloth = $cloths();
    expect(array_count_values($cloth))->toBe(['linen' => 10, 'felt' => 2]);
    $made = $shop->state();

    // Without the axis: the same SKUs, and its values stand in a column that makes none.
    $axis = collect($shop->loaded()->core->matrix->axes)->firstWhere('name', 'Cloth');
    $this->get(route('setup', ['product' => $shop->product, 'drop' => $axis->id]))->assertOk()->assertSee('moves 12');
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
    $now = $own();
    ksort($now);
    expect($now)->toBe($numbers);
    $this->get(route('rows', $shop->product))->assertOk()->assertSee('Makes no SKUs now');
    $this->get(route('rows.axes', $shop->product))->assertSee('each SKU goes back to its value');

    // And an axis again: each SKU is back at its value.
    $this->post(route('rows.axis', $shop->product), [
        'page' => 'rows',
        'version' => $shop->version(),
        'column' => 'axis Cloth',
    ])->assertOk();
    expect($cloths())->toBe($cloth);
    $shop->undo();
    $shop->undo();
    expect($shop->state())->toBe($made);
    $shop->undo();
    expect($shop->state())->toBe($before);
});

it('makes an axis of what is said otherwise of parts', function (): void {
    $shop = Shop::stocked();
    $edits = [typedCell($shop, ['Color' => 'Moss', 'Size' => 'S'], 'maker number', '', 'K-1')];
    $this->be($shop->user)->withHeader('HX-Request', 'true');
    $this->post(route('rows.type', $shop->product), ['page' => 'rows', 'edits' => json_encode($edits)])->assertOk();
    $this->post(route('rows.axis.plan', $shop->product), ['column' => 'maker number'])
        ->assertStatus(422)
        ->assertSee('not there any more');
    $edits = [typedCell($shop, ['Color' => 'Moss', 'Size' => 'M'], 'maker number', '', 'K-2')];
    $this->post(route('rows.type', $shop->product), ['page' => 'rows', 'edits' => json_encode($edits)])->assertOk();
    $this->get(route('rows.axes', $shop->product))->assertSee('K-1, K-2')->assertSee('says nothing of 10 SKUs');
    $this->post(route('rows.axis.plan', $shop->product), ['column' => 'maker number'])
        ->assertStatus(422)
        ->assertSee('Nothing is said of the Maker number of');
});

it('leaves nobody without a place', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->be($shop->user)->withHeader('HX-Request', 'true');
    $rows = [['sku' => 'SMOCK-MOSS-S', 'axis Cloth' => 'linen'], ['sku' => 'SMOCK-MOSS-M', 'axis Cloth' => 'felt']];
    $this->post(route('rows.plan', $shop->product), ['rows' => json_encode($rows)])
        ->assertStatus(422)
        ->assertSee('nobody says to which')
        ->assertSee('and 7 more go');
    expect($shop->state())->toBe($before);
    $this->be(Shop::person(Right::View))
        ->post(route('rows.axis', $shop->product), ['name' => 'Cloth', 'values' => 'linen'])
        ->assertForbidden();
});
