<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\SetOpening;
use App\Actions\Skus\SetStock;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\Right;
use App\Refusals\StaleVersion;
use Core\Changes\Matrix\OfferCells;
use Core\Matrix\MatrixTooLarge;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Shop;

function boardPost(Shop $shop, string $path, array $input = []): TestResponse
{
    // A form sends text, whatever it means.
    array_walk_recursive($input, function (mixed &$value): void {
        $value = (string) $value;
    });

    return test()
        ->actingAs($shop->user)
        ->post("/products/{$shop->product->code}/{$path}", $input + ['version' => $shop->version()], [
            'HX-Request' => 'true',
        ]);
}

it('remembers for each person how products with the same axes are laid out', function (): void {
    $shop = Shop::stocked();
    $hat = Shop::open('HAT');
    $hat->axes(['Size' => 'S, M', 'Color' => 'Moss, Clay, Slate']);
    $wren = Shop::person(Right::View);
    $rows = fn(string $code): int => substr_count($this->get("/products/{$code}")->getContent(), 'data-head="row"');
    $this->actingAs($wren);
    expect($rows('SMOCK'))->toBe(3);
    $this->post(
        '/products/SMOCK/layout',
        ['axis' => $shop->id('Size'), 'place' => 'down'],
        ['HX-Request' => 'true'],
    )->assertOk();
    expect($rows('SMOCK'))->toBe(4)->and($rows('HAT'))->toBe(2);
    $this->actingAs($shop->user);
    expect($rows('SMOCK'))->toBe(3);
    expect(HistoryEntry::query()->where('user_id', $wren->id)->count())->toBe(0);
    // Another set of axes has its own layout.
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Wrap, Open']);
    $this->actingAs($wren);
    expect($rows('SMOCK'))->toBe(6);
    $this->post(
        '/products/SMOCK/layout',
        ['axis' => $shop->id('Style'), 'place' => 'down'],
        ['HX-Request' => 'true'],
    )->assertOk();
    $this->get('/products/SMOCK')->assertSeeInOrder(['Wrap', 'Moss', 'Clay', 'Slate', 'Open']);
});

it('runs a single axis across where somebody likes it so', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate']);
    boardPost($shop, 'layout', ['axis' => $shop->id('Color'), 'place' => 'across'])->assertOk();
    $page = $this->get('/products/SMOCK')->assertOk()->getContent();
    expect(substr_count($page, 'data-head="column"'))
        ->toBe(3)
        ->and(substr_count($page, 'data-head="row"'))
        ->toBe(1)
        ->and(substr_count($page, 'role="gridcell"'))
        ->toBe(3);
});

it('selects by typed names, other words and codes', function (string $typed, array $selected): void {
    $shop = Shop::stocked();
    DB::table('axis_values')
        ->where('name', 'Moss')
        ->update(['synonyms' => '["Olive"]']);
    $tokens = array_map(fn(array $where): string => $shop->token($where), $selected);
    boardPost($shop, 'tray', ['find' => $typed])
        ->assertOk()
        ->assertSee('data-selected="' . implode(';', $tokens) . '"', false);
})->with([
    ['moss', [['Color' => 'Moss']]],
    ['moss xl', [['Color' => 'Moss', 'Size' => 'XL']]],
    ['slate clay s', [['Color' => 'Clay', 'Size' => 'S'], ['Color' => 'Slate', 'Size' => 'S']]],
    ['olive', [['Color' => 'Moss']]],
    ['smock-clay-m', [['Color' => 'Clay', 'Size' => 'M']]],
]);

it('says what it did not find', function (): void {
    $shop = Shop::stocked();
    boardPost($shop, 'tray', ['find' => 'violet'])
        ->assertStatus(422)
        ->assertSee('No value of this product is called “violet”');
});

it('says so where what was typed lies in layers that are not shown', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Wrap, Open']);
    $layer = $shop->token(['Style' => 'Wrap']);
    boardPost($shop, 'tray', ['find' => 'open moss', 'layer' => $layer])
        ->assertStatus(422)
        ->assertSee('Moss, Open lies in layers that are not shown. Choose “All” above the matrix', false);
    boardPost($shop, 'tray', ['find' => 'open moss', 'layer' => ''])->assertOk();
    boardPost($shop, 'tray', ['find' => 'moss', 'layer' => $layer])->assertOk();
});

it('leaves out by a rule that holds for what comes later, names the rules, and takes one back', function (): void {
    $shop = Shop::stocked();
    $rule = [
        'rule' => [
            $shop->id('Color') => [$shop->id('Moss'), $shop->id('Clay')],
            $shop->id('Size') => [$shop->id('XL')],
        ],
    ];
    boardPost($shop, 'rules/plan', $rule)
        ->assertOk()
        ->assertSee('Leave out <b>Moss and Clay, XL only</b>', false)
        ->assertSee('This retires 2 with 20 in stock');
    boardPost($shop, 'rules', $rule)->assertOk();
    expect($shop->loaded()->core->made)
        ->toHaveCount(10)
        ->and($shop->words())
        ->toBe('Left out Moss and Clay, XL only: retires 2 with 20 in stock');
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL', 'Style' => 'Wrap, Open']);
    expect($shop->loaded()->core->made)->toHaveCount(28);
    boardPost($shop, 'rules/plan')->assertOk()->assertSee('Moss and Clay, XL only')->assertSee('4 cells');
    boardPost($shop, 'rules', $rule + ['again' => 1])->assertOk();
    expect($shop->loaded()->core->made)->toHaveCount(32);
    boardPost($shop, 'rules/plan')->assertOk()->assertSee('every combination is sold');
    boardPost($shop, 'rules')->assertStatus(422)->assertSee('Select the cells first');
});

it('says how many rules sleep while their values are away', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'XL'])),
    );
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
    boardPost($shop, 'rules/plan')->assertOk()->assertSee('1 more rule is about values the product does not have now');
});

it('shows the plan of a merge with every pair, and refuses what cannot be merged', function (): void {
    $shop = Shop::stocked();
    $moss = $shop->id('Moss');
    boardPost($shop, "values/{$moss}/merge/plan", ['into' => $shop->id('Slate')])
        ->assertOk()
        ->assertSee('In 4 cells several SKUs become one: 4 with stock on both sides')
        ->assertSee('SMOCK-SLT-XL')
        ->assertSee('2 pictures would be Lead of the same SKUs')
        ->assertSee('This retires 4 with 40 in stock.');
    boardPost($shop, "values/{$moss}/merge/plan", ['into' => $shop->id('M')])
        ->assertOk()
        ->assertSee('Choose another value of Color to merge Moss into')
        ->assertSee('disabled', false);
    boardPost($shop, "values/{$moss}/merge", ['into' => $moss])->assertStatus(422);
    boardPost($shop, "values/{$moss}/merge", ['into' => $shop->id('Slate'), 'comers_stay' => 1, 'stock_adds_up' => 1])
        ->assertOk()
        ->assertSee('data-board', false);
    expect($shop->sku(['Color' => 'Slate', 'Size' => 'M'])->code)
        ->toBe('SMOCK-MOSS-M')
        ->and($shop->sku(['Color' => 'Slate', 'Size' => 'M'])->stock)
        ->toBe(20);
    boardPost($shop, "values/{$moss}/merge", ['into' => $shop->id('Clay')])
        ->assertStatus(422)
        ->assertSee('no longer on the product');
});

it('shows the plan of a split, and refuses parts that cannot be', function (string $parts, string $sees): void {
    $shop = Shop::stocked();
    boardPost($shop, "values/{$shop->id('Moss')}/split/plan", ['parts' => $parts])
        ->assertOk()
        ->assertSee($sees);
})->with([
    ['Fern, Lichen', 'This makes 4, moves 4'],
    ['Moss, Lichen, Fern', 'This makes 8.'],
    ['Fern', 'Type at least two values that Moss becomes'],
    ['Fern, Clay', 'Clay is on this product already'],
    ['Fern, Moss', 'Put Moss first'],
    ['', 'Moss becomes'],
]);

it('offers likeness, exchange and a fact where the axes are changed', function (): void {
    $shop = Shop::stocked();
    boardPost($shop, 'setup/plan', [
        'axes' => [
            ['name' => 'Color', 'values' => 'Moss, Clay, Slate, Oat'],
            ['name' => 'Length', 'values' => 'Short, Long'],
        ],
        'exchanges' => [$shop->id('Size') => '1'],
    ])
        ->assertOk()
        ->assertSee('Oat is made like')
        ->assertSee('replaced by Length')
        ->assertSee('XL becomes')
        ->assertSee('nothing: its SKUs retire')
        ->assertSee('Retired, with their codes');
    boardPost($shop, 'setup/plan', [
        'axes' => [['name' => 'Color', 'values' => 'Moss, Clay, Slate']],
        'survivors' => [$shop->id('Size') => $shop->id('M')],
    ])
        ->assertOk()
        ->assertSee('Keep it as a fact for shoppers')
        ->assertSee('In 3 cells several SKUs become one: 3 with stock on both sides');
});

it('names in the plan of a removal what it concerns: SKUs, stock and narrow pictures', function (): void {
    $shop = Shop::stocked();
    $shop->photo('moss xl.jpg', ['Color' => 'Moss', 'Size' => 'XL']);
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/setup?without=' . $shop->id('XL'))
        ->assertOk()
        ->assertSee('This retires 3 with 30 in stock, 1 picture returns to the tray.')
        ->assertSee('Retired, with their codes, stock and pictures kept: SMOCK-MOSS-XL, SMOCK-CLAY-XL, SMOCK-SLT-XL.')
        ->assertSee('Back to the tray: moss xl.jpg.');
    $before = $shop->everything();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L']);
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
    expect($shop->everything())->toBe($before);
});

it('opens with the SKU and the values that somebody chose', function (): void {
    $shop = Shop::stocked();
    $opens = fn(): string => $shop->gallery([])->lead()->file;
    expect($opens())->toBe('Moss front.jpg');
    boardPost($shop, 'opening', ['axis' => $shop->id('Color'), 'value' => $shop->id('Clay')])->assertOk();
    expect($opens())->toBe('Clay front.jpg');
    $this->get('/products/SMOCK/preview')->assertSee('Color: Clay')->assertDontSee('Size: S');
    $this->get('/products/SMOCK/preview?choice=')->assertDontSee('Color: Clay');
    boardPost($shop, 'opening', ['selected' => $shop->token(['Color' => 'Slate', 'Size' => 'L'])])
        ->assertOk()
        ->assertSee('opens');
    expect($opens())->toBe('Slate front.jpg');
    boardPost($shop, 'opening', ['selected' => $shop->token(['Color' => 'Slate'])])
        ->assertStatus(422)
        ->assertSee('select a single cell');
    // A chosen SKU that is left out does not open; chosen again it does.
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Slate', 'Size' => 'L'])),
    );
    expect($opens())->toBe('Clay front.jpg');
    $this->get('/products/SMOCK/details')
        ->assertSee('Clay, S, the first that is not sold out.')
        ->assertSee('They find Clay chosen.');
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::again($shop->part(['Color' => 'Slate', 'Size' => 'L'])),
    );
    expect($opens())->toBe('Slate front.jpg');
    boardPost($shop, 'opening', ['none' => 1, 'reload' => 1])->assertNoContent();
    boardPost($shop, 'opening', ['axis' => $shop->id('Color'), 'value' => 0])->assertOk();
    expect($opens())->toBe('Moss front.jpg');
});

it('carries the opening SKU along as axes come and go', function (): void {
    $shop = Shop::stocked();
    app(SetOpening::class)->sku($shop->change(), $shop->part(['Color' => 'Slate', 'Size' => 'L']));
    $shop->axes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Wrap, Open'],
        ['style' => 'Open'],
    );
    expect($shop->loaded()->core->opens()->cell()->key)->toBe(
        $shop->token(['Color' => 'Slate', 'Size' => 'L', 'Style' => 'Open']),
    );
    $shop->merge('Slate', 'Clay');
    expect($shop->loaded()->core->opens()->cell()->key)->toBe(
        $shop->token(['Color' => 'Clay', 'Size' => 'L', 'Style' => 'Open']),
    );
});

it('sets a product up like another: axes, labels, left-out rules, opening values and shot list', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'XL'])),
    );
    app(SetOpening::class)->value($shop->change(), $shop->id('Color'), $shop->id('Clay'));
    boardPost($shop, "values/{$shop->id('Moss')}", [
        'name' => 'Forest',
        'code' => 'MOSS',
        'scope' => 'here',
    ])->assertOk();
    $this->post('/products', ['name' => 'Field smock', 'code' => 'FIELD', 'like' => 'SMOCK'])->assertRedirect(
        '/products/FIELD',
    );
    $copy = app(App\Store\Products\ProductLoader::class)->load(Product::query()->where('code', 'FIELD')->firstOrFail());
    expect($copy->core->made)
        ->toHaveCount(11)
        ->and(array_map(fn($sku): string => $sku->code, array_values($copy->core->made))[0])
        ->toBe('FIELD-MOSS-S')
        ->and(array_sum(array_map(fn($sku): int => (int) $sku->stock, $copy->core->made)))
        ->toBe(0)
        ->and($copy->core->matrix->axes[0]->values[0]->label)
        ->toBe('Forest')
        ->and($copy->core->opens()->choice()->key)
        ->toBe($shop->token(['Color' => 'Clay']))
        ->and($copy->product->shot_list_id)
        ->toBe(1)
        ->and($copy->placements)
        ->toBe([])
        ->and(HistoryEntry::query()->where('product_id', $copy->product->id)->value('words'))
        ->toBe('Made the product Field smock, set up like Potting smock: makes 11');
    $this->from('/')
        ->post('/products', ['name' => 'X', 'code' => 'X', 'like' => 'NOWHERE'])
        ->assertSessionHasErrors(['like' => 'There is no product with the code NOWHERE to copy the setup of.']);
    // Codes that another product has are a reason to refuse, and nothing is half made.
    expect(
        fn() => app(CreateProduct::class)->run($shop->user, 'Clash', 'SMOCK-MOSS', null, $copy->product),
    )->not->toThrow(Refusal::class);
    expect(fn() => app(CreateProduct::class)->run($shop->user, 'Clash', 'FIELD', null, $copy->product))->toThrow(
        Refusal::class,
    );
    // Undone and redone it is there as it was.
    $this->post('/products/FIELD/undo', ['version' => 1])->assertNoContent();
    $this->get('/products/FIELD')->assertStatus(410);
    $this->post('/products/FIELD/redo', ['version' => 2])->assertOk();
    $this->get('/products/FIELD')->assertOk()->assertSee('11 SKUs of 12 cells, 1 left out');
});

it('keeps, changes and removes facts, and makes one an axis', function (): void {
    $shop = Shop::stocked();
    boardPost($shop, 'facts', ['name' => 'Lining', 'value' => 'linen'])
        ->assertOk()
        ->assertSee('Make it an axis');
    boardPost($shop, 'facts', ['name' => 'lining', 'value' => 'wool'])
        ->assertOk()
        ->assertSee('wool')
        ->assertDontSee('<td>linen</td>', false);
    boardPost($shop, 'facts', ['name' => '', 'value' => 'x'])
        ->assertStatus(422)
        ->assertSee('A fact needs a name');
    $fact = $shop->loaded()->core->state->details->facts[0];
    expect($shop->sheet())->toContain('fact Lining')->toContain('wool');
    $this->get('/products/SMOCK/preview')->assertSee('wool');
    $this->get('/products/SMOCK/product.jsonld')->assertSee('"Lining"', false);
    $this->get("/products/SMOCK/setup?fact={$fact->id}")
        ->assertOk()
        ->assertSee('The fact “Lining: wool” becomes the axis')
        ->assertSee('The 12 SKUs of today are Lining');
    boardPost($shop, 'facts/remove', ['fact' => $fact->id])
        ->assertOk()
        ->assertDontSee('wool');
    boardPost($shop, 'facts/remove', ['fact' => $fact->id])
        ->assertStatus(422)
        ->assertSee('no longer there');
    expect($shop->loaded()->core->state->details->facts)->toBe([]);
    $shop->undo();
    expect($shop->loaded()->core->state->details->facts[0]->value)->toBe('wool');
});

it(
    'asks the later of two people who change the axes at the same moment to look again; nothing is lost',
    function (): void {
        $shop = Shop::stocked();
        $ines = Shop::person(Right::Edit, 'Ines');
        $version = $shop->version();
        $axes = fn(string $colors): array => [
            'version' => $version,
            'axes' => [['name' => 'Color', 'values' => $colors], ['name' => 'Size', 'values' => 'S, M, L, XL']],
        ];
        $this->actingAs($ines)
            ->post('/products/SMOCK/setup', $axes('Moss, Clay, Slate, Oat'), ['HX-Request' => 'true'])
            ->assertOk();
        $first = $shop->everything();
        $this->actingAs($shop->user)
            ->post('/products/SMOCK/setup', $axes('Moss, Clay, Slate, Ink'), ['HX-Request' => 'true'])
            ->assertStatus(409)
            ->assertSee('Ines')
            ->assertSee('Added Color Oat')
            ->assertSee('Make my change now');
        expect($shop->everything())->toBe($first);
        foreach (['merge' => ['into' => $shop->id('Clay')], 'split' => ['parts' => 'A, B']] as $way => $input) {
            boardPost($shop, "values/{$shop->id('Moss')}/{$way}", ['version' => $version] + $input)->assertStatus(409);
        }
        expect(
            fn() => app(SetStock::class)->run(
                new Change($shop->user, $shop->product->id, $version),
                Selection::whole(),
                '1',
            ),
        )->toThrow(StaleVersion::class);
        expect($shop->everything())->toBe($first);
    },
);

it('plans, builds and shows 5,000 cells of four axes layer by layer, and refuses 10,001 in words', function (): void {
    $shop = Shop::open();
    $numbered = fn(string $stem, int $count): string => implode(
        ',',
        array_map(fn(int $at): string => "{$stem} {$at}", range(1, $count)),
    );
    $shop->axes([
        'Color' => $numbered('Color', 25),
        'Size' => $numbered('Size', 20),
        'Style' => $numbered('Style', 5),
        'Lining' => 'None, Wool',
    ]);
    expect($shop->loaded()->core->made)->toHaveCount(5000);
    $page = $this->actingAs($shop->user)->get('/products/SMOCK')->assertOk()->getContent();
    expect(substr_count($page, 'role="gridcell"'))->toBe(500);
    $all = $this->get('/products/SMOCK?layer=')->assertOk()->getContent();
    expect(substr_count($all, 'role="gridcell"'))->toBe(5000);
    $before = $shop->state();
    boardPost($shop, 'setup/plan', ['axes' => [['name' => 'Color', 'values' => $numbered('Color', 10_001)]]])
        ->assertOk()
        ->assertSee(
            'That would be 10,001 cells; a product can have 10,000. Take away some values, or make it two products.',
        );
    expect(fn() => $shop->axes(['Color' => $numbered('Color', 10_001)]))->toThrow(MatrixTooLarge::class);
    expect($shop->state())->toBe($before);
    $shop->undo();
    expect($shop->loaded()->core->state->skus)->toBe([]);
});

it('marks every row of the matrix by what it shows, so that only what changed is drawn anew', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $prints = function (string $lens): array {
        preg_match_all('/<tr data-print="([^"]+)"/', $this->get("/products/SMOCK?lens={$lens}")->getContent(), $found);

        return $found[1];
    };
    $before = ['photos' => $prints('photos'), 'stock' => $prints('stock')];
    expect($before['photos'])->toHaveCount(3);
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '0');
    $after = ['photos' => $prints('photos'), 'stock' => $prints('stock')];
    expect($after['photos'])
        ->toBe($before['photos'])
        ->and(array_keys(array_diff_assoc($after['stock'], $before['stock'])))
        ->toBe([1]);
});
