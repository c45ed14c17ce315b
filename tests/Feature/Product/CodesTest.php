<?php

declare(strict_types=1);

use App\Actions\Library\SaveCodePattern;
use App\Actions\Library\SaveGtinRange;
use App\Actions\Product\CreateProduct;
use App\Actions\Skus\AllocateGtins;
use App\Actions\Skus\ApplyCodePattern;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetGtin;
use App\History\Change;
use App\Models\CodePatternRecord;
use App\Models\GtinRangeRecord;
use App\Models\Library;
use App\Models\Right;
use App\Store\Library\GtinRangeForm;
use App\Store\Products\TakenCodes;
use App\Summaries\Lists\QuickSearch;
use Core\Codes\CodeNotFree;
use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Codes\Gtin;
use Core\Codes\LetterCase;
use Core\Codes\UnreadableGtin;
use Core\Reach\Selection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

function codesLibrary(Shop $shop): Change
{
    return new Change($shop->user, null, Library::query()->firstOrFail()->version);
}

/** @param  list<CodePart>  $parts */
function pattern(Shop $shop, string $name, array $parts, string $separator = '-', string $longest = ''): int
{
    app(SaveCodePattern::class)->run(
        codesLibrary($shop),
        null,
        $name,
        CodePattern::of($parts, $separator, LetterCase::AsIs, $longest),
    );

    return (int) CodePatternRecord::query()->where('name', $name)->value('id');
}

function gtinRange(Shop $shop, string $first, string $last, string $prefix = '4006381'): int
{
    app(SaveGtinRange::class)->run(
        codesLibrary($shop),
        null,
        new GtinRangeForm("Range {$first}", $prefix, $first, $last),
    );

    return (int) GtinRangeRecord::query()->latest('id')->value('id');
}

/** @return list<string> codes of SKUs on offer, in the product's order */
function codesOf(Shop $shop): array
{
    return array_values(array_map(fn($sku): string => $sku->code, $shop->loaded()->core->made));
}

function codesPost(Shop $shop, string $path, array $input = [])
{
    // A form sends text, whatever it means.
    array_walk_recursive($input, function (mixed &$value): void {
        $value = (string) $value;
    });

    return test()
        ->actingAs($shop->user)
        ->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version(), 'lens' => 'codes'], [
            'HX-Request' => 'true',
        ]);
}

function small(): Shop
{
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);

    return $shop;
}

it('makes the codes of a product by another pattern, leaves typed ones alone, and is undone', function (): void {
    $shop = small();
    app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'M']), 'ODD-1');
    $before = $shop->state();
    $id = pattern(
        $shop,
        'Sizes first',
        [CodePart::axis($shop->id('Size')), CodePart::product(), CodePart::values()],
        '.',
    );
    codesPost($shop, 'codes/plan', ['pattern' => $id])
        ->assertOk()
        ->assertSee('Changes 3 codes, leaves 1 that was typed')
        ->assertSee('S.SMOCK.MOSS')
        ->assertSee('ODD-1');
    codesPost($shop, 'codes', ['pattern' => $id])->assertOk();
    expect(codesOf($shop))
        ->toBe(['S.SMOCK.MOSS', 'M.SMOCK.MOSS', 'S.SMOCK.CLAY', 'ODD-1'])
        ->and($shop->words())
        ->toBe('Codes are made by the pattern Sizes first: changes 3 codes, leaves 1 that was typed');
    // What comes new is made by it as well.
    $shop->axes(['Color' => 'Moss, Clay, Oat', 'Size' => 'S, M']);
    expect(codesOf($shop))->toContain('S.SMOCK.OAT');
    $shop->undo();
    $shop->undo();
    expect($shop->state())->toEqual($before);
    $shop->redo();
    expect(codesOf($shop)[0])->toBe('S.SMOCK.MOSS');
    codesPost($shop, 'codes', ['pattern' => $id, 'typed_too' => 1])->assertOk();
    expect(codesOf($shop))->toContain('M.SMOCK.CLAY')->not->toContain('ODD-1');
});

it('names the values that a pattern does not tell apart, and offers a way out', function (): void {
    $shop = small();
    $before = codesOf($shop);
    $id = pattern($shop, 'Colors only', [CodePart::product(), CodePart::axis($shop->id('Color'))]);
    codesPost($shop, 'codes/plan', ['pattern' => $id])
        ->assertOk()
        ->assertSee('The pattern does not say the Size, so that S and M make the same')
        ->assertSee('SMOCK-MOSS-2');
    expect(fn() => app(ApplyCodePattern::class)->run($shop->change(), $id))->toThrow(CodeNotFree::class);
    expect(codesOf($shop))->toBe($before);
    codesPost($shop, 'codes', [
        'pattern' => $id,
        'codes' => ['SMOCK-MOSS (2)' => 'SMOCK-MOSS-2', 'SMOCK-CLAY (2)' => 'SMOCK-MOSS-2'],
    ])->assertStatus(422);
    codesPost($shop, 'codes', [
        'pattern' => $id,
        'codes' => ['SMOCK-MOSS (2)' => 'SMOCK-MOSS-2', 'SMOCK-CLAY (2)' => 'SMOCK-CLAY-2'],
    ])->assertOk();
    expect(codesOf($shop))->toBe(['SMOCK-MOSS', 'SMOCK-MOSS-2', 'SMOCK-CLAY', 'SMOCK-CLAY-2']);
});

it('refuses codes that are too long or another product’s, and keeps what is there', function (): void {
    $shop = small();
    $other = app(CreateProduct::class)->run($shop->user, 'Other', 'S-SMOCK-MOSS', 1);
    $id = pattern($shop, 'Sizes first', [CodePart::axis($shop->id('Size')), CodePart::product(), CodePart::values()]);
    codesPost($shop, 'codes/plan', ['pattern' => $id])
        ->assertOk()
        ->assertSee('“S-SMOCK-MOSS” for Moss, S is the code of Other already');
    codesPost($shop, 'codes', ['pattern' => $id])->assertStatus(422);
    codesPost($shop, 'codes', ['pattern' => $id, 'codes' => ['S-SMOCK-MOSS' => 'S-SMOCK-MOSS-2']])->assertOk();
    expect(codesOf($shop)[0])->toBe('S-SMOCK-MOSS-2');
    $short = pattern($shop, 'Short', [CodePart::product(), CodePart::values()], '-', '10');
    codesPost($shop, 'codes/plan', ['pattern' => $short])
        ->assertOk()
        ->assertSee('is longer than 10 characters');
    expect($other->code)->toBe('S-SMOCK-MOSS');
});

it('numbers what comes after what is there, also what was retired', function (): void {
    $shop = small();
    $id = pattern($shop, 'Numbers', [CodePart::product(), CodePart::number('001')]);
    app(ApplyCodePattern::class)->run($shop->change(), $id);
    expect(codesOf($shop))->toBe(['SMOCK-001', 'SMOCK-002', 'SMOCK-003', 'SMOCK-004']);
    app(ApplyCodePattern::class)->run($shop->change(), $id);
    expect(codesOf($shop))->toBe(['SMOCK-001', 'SMOCK-002', 'SMOCK-003', 'SMOCK-004']);
    $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    $shop->axes(['Color' => 'Moss, Oat', 'Size' => 'S, M']);
    expect(codesOf($shop))->toBe(['SMOCK-001', 'SMOCK-002', 'SMOCK-005', 'SMOCK-006']);
    $shop->axes(['Color' => 'Moss, Clay, Oat', 'Size' => 'S, M']);
    expect(codesOf($shop))->toBe(['SMOCK-001', 'SMOCK-002', 'SMOCK-003', 'SMOCK-004', 'SMOCK-005', 'SMOCK-006']);
});

it('keeps patterns in the library, each once, with an example as it is put together', function (): void {
    $shop = small();
    $this->actingAs($shop->user)
        ->get('/library/codes')
        ->assertOk()
        ->assertSee('The usual one')
        ->assertSee('SMOCK-MOSS-S');
    $post = fn(string $path, array $input) => $this->post(
        "/library/codes/{$path}",
        ['version' => Library::query()->firstOrFail()->version] + $input,
        ['HX-Request' => 'true'],
    );
    $form = [
        'name' => 'Clothes',
        'kinds' => ['product', 'axis ' . $shop->id('Size'), 'number'],
        'texts' => ['', '', '01'],
        'separator' => '.',
        'letters' => 'small',
        'longest' => '40',
    ];
    $post('patterns/draft', $form)->assertOk()->assertSee('smock.s.01, smock.m.02');
    $post('patterns/draft', ['kinds' => ['text'], 'texts' => ['a b']] + $form)
        ->assertOk()
        ->assertSee('cannot stand in a code');
    $post('patterns', $form)->assertOk()->assertSee('Clothes')->assertSee('number from 01');
    $post('patterns', ['name' => 'clothes'] + $form)
        ->assertStatus(422)
        ->assertSee('There is a pattern clothes already');
    $id = (int) CodePatternRecord::query()->value('id');
    app(ApplyCodePattern::class)->run($shop->change(), $id);
    $post("patterns/{$id}/remove", [])
        ->assertStatus(422)
        ->assertSee('1 product has codes by Clothes');
    app(ApplyCodePattern::class)->run($shop->change(), null);
    $post("patterns/{$id}/remove", [])
        ->assertOk()
        ->assertDontSee('number from 01');
    expect(codesOf($shop))->toBe(['SMOCK-MOSS-S', 'SMOCK-MOSS-M', 'SMOCK-CLAY-S', 'SMOCK-CLAY-M']);
});

it('gives SKUs without a GTIN the next free ones, and says which and why not', function (): void {
    $shop = small();
    $id = gtinRange($shop, '10', '13');
    app(SetGtin::class)->run(
        $shop->change(),
        $shop->part(['Color' => 'Moss', 'Size' => 'M']),
        Gtin::fromBody('400638100011'),
    );
    codesPost($shop, 'gtins/plan', ['selected' => '*', 'range' => $id])
        ->assertOk()
        ->assertSee('3 SKUs get ' . Gtin::fromBody('400638100010') . ' to ' . Gtin::fromBody('400638100013'));
    codesPost($shop, 'gtins', ['selected' => '*', 'range' => $id])->assertOk();
    expect(array_map(fn($sku): ?string => $sku->gtin, array_values($shop->loaded()->core->made)))->toBe(
        array_map(Gtin::fromBody(...), ['400638100010', '400638100011', '400638100012', '400638100013']),
    );
    codesPost($shop, 'gtins', ['selected' => '*', 'range' => $id])
        ->assertStatus(422)
        ->assertSee('has a GTIN already');
    $shop->axes(['Color' => 'Moss, Clay, Oat', 'Size' => 'S, M']);
    expect(fn() => app(AllocateGtins::class)->run($shop->change(), Selection::whole(), $id))->toThrow(
        UnreadableGtin::class,
        'The range is used up: 2 more numbers are needed',
    );
    $shop->undo();
    $shop->undo();
    expect(array_filter(array_map(fn($sku): ?string => $sku->gtin, $shop->loaded()->core->made)))->toHaveCount(1);
    $within = gtinRange($shop, '1', '9', '2000000');
    codesPost($shop, 'gtins/plan', ['selected' => '*', 'range' => $within])
        ->assertOk()
        ->assertSee('for numbers within a company or a region');
});

it('gives two people different numbers', function (): void {
    $shop = small();
    $id = gtinRange($shop, '10', '99');
    $wren = Shop::person(Right::Edit, 'Wren');
    app(AllocateGtins::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), $id);
    app(AllocateGtins::class)->run($shop->change($wren), $shop->part(['Color' => 'Clay']), $id);
    $gtins = DB::table('skus')->whereNotNull('gtin')->pluck('gtin')->all();
    expect(count(array_unique($gtins)))->toBe(4);
});

it('types a GTIN for one SKU, and refuses what another has, what is wrong, and more than one', function (): void {
    $shop = small();
    $moss = ['selected' => $shop->token(['Color' => 'Moss', 'Size' => 'S']), 'lens' => 'gtin'];
    codesPost($shop, 'skus/gtin', ['typed' => '4006381 33393-1'] + $moss)
        ->assertOk()
        ->assertSee('4006381333931');
    codesPost($shop, 'skus/gtin', [
        'typed' => '4006381333931',
        'selected' => $shop->token(['Color' => 'Clay', 'Size' => 'S']),
    ])
        ->assertStatus(422)
        ->assertSee('is the GTIN of SMOCK-MOSS-S, a SKU of Potting smock');
    codesPost($shop, 'skus/gtin', ['typed' => '4006381333930'] + $moss)
        ->assertStatus(422)
        ->assertSee('would be 1');
    codesPost($shop, 'skus/gtin', ['typed' => '73513537', 'selected' => '*'])
        ->assertStatus(422)
        ->assertSee('A GTIN belongs to one SKU');
    $grid = implode(';', [
        $shop->token(['Color' => 'Moss', 'Size' => 'S']),
        $shop->token(['Color' => 'Moss', 'Size' => 'M']),
    ]);
    codesPost($shop, 'skus/block', ['lens' => 'gtin', 'grid' => $grid, 'block' => "73513537\t73513537"])
        ->assertStatus(422)
        ->assertSee('is the GTIN of another cell of the block');
    codesPost($shop, 'skus/block', [
        'lens' => 'gtin',
        'grid' => $grid,
        'block' => "73513537\t4006381333931",
    ])->assertOk();
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'M'])->gtin)->toBe('4006381333931');
    // The same number with a zero more or less.
    codesPost($shop, 'skus/gtin', ['typed' => '036000291452'] + $moss)->assertOk();
    codesPost($shop, 'skus/gtin', [
        'typed' => '0036000291452',
        'selected' => $shop->token(['Color' => 'Clay', 'Size' => 'S']),
    ])
        ->assertStatus(422)
        ->assertSee('is the GTIN of SMOCK-MOSS-S');
    codesPost($shop, 'skus/gtin', ['typed' => '', 'selected' => '*'])->assertOk();
    expect(DB::table('skus')->whereNotNull('gtin')->count())->toBe(0);
});

it('weighs SKUs in any unit', function (): void {
    $shop = small();
    $set = fn(string $typed) => codesPost($shop, 'skus/field/weight', [
        'lens' => 'weight',
        'selected' => '*',
        'typed' => $typed,
    ]);
    $set('1.2 kg')->assertOk()->assertSee('1200 g');
    $set('12 oz')->assertOk()->assertSee('340 g');
    $set('5 cm')->assertStatus(422)->assertSee('Type mg, g, kg, oz or lb');
    $set('0.1 g')->assertStatus(422)->assertSee('is not a weight that can be kept');
    expect($shop->words())
        ->toBe('Weight of the whole product set to 340 g (was 1200 g)')
        ->and($shop->variant('SMOCK-MOSS-S')['weight']['value'])
        ->toBe(340);
    codesPost($shop, 'skus/block', [
        'lens' => 'weight',
        'grid' => $shop->token(['Color' => 'Moss', 'Size' => 'S']),
        'block' => '350 g',
        'first' => 1,
    ])->assertOk();
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->weightG)->toBe(350);
});

it(
    'keeps a manufacturer’s number, shows it, finds by it, and tells it in sheet, structured data and command',
    function (): void {
        $shop = small();
        $moss = $shop->token(['Color' => 'Moss', 'Size' => 'S']);
        codesPost($shop, 'skus/field/maker-number', [
            'lens' => 'maker-number',
            'selected' => $moss,
            'typed' => 'KL-2204/S',
        ])
            ->assertOk()
            ->assertSee('KL-2204/S');
        codesPost($shop, 'skus/block', [
            'lens' => 'maker-number',
            'grid' => $shop->token(['Color' => 'Moss', 'Size' => 'M']),
            'block' => 'KL-2204/M',
            'first' => 1,
        ])->assertOk();
        expect($shop->words())
            ->toBe('Pasted 1 manufacturer’s number onto Moss, M')
            ->and($shop->variant('SMOCK-MOSS-S')['mpn'])
            ->toBe('KL-2204/S')
            ->and(array_column($shop->rows(), 'maker number', 'sku')['SMOCK-MOSS-M'])
            ->toBe('KL-2204/M')
            ->and(app(QuickSearch::class)->hits('kl-22')[0]->label)
            ->toBe('KL-2204/M')
            ->and(Artisan::call('slate:explain', ['sku' => 'SMOCK-MOSS-S']))
            ->toBe(0)
            ->and(Artisan::output())
            ->toContain('Manufacturer’s number: KL-2204/S');
        $this->get('/?q=kl-2204')->assertOk()->assertSee('SMOCK');
        codesPost($shop, 'skus/field/price', [
            'lens' => 'prices',
            'selected' => $moss,
            'typed' => '1',
        ])->assertNotFound();
        codesPost($shop, 'skus/field/stock', [
            'lens' => 'stock',
            'selected' => $moss,
            'typed' => '1',
        ])->assertNotFound();
    },
);

it('draws labels of what is selected, as many of each as are wanted', function (): void {
    $shop = small();
    app(SetGtin::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'S']), '4006381333931');
    $sku = $shop->sku(['Color' => 'Moss', 'Size' => 'S']);
    $page = $this->actingAs($shop->user)
        ->get(
            '/products/SMOCK/labels?' .
                http_build_query(['selected' => $shop->token(['Color' => 'Moss']), 'copies' => [$sku->id => 3]]),
        )
        ->assertOk()
        ->assertSee('4 labels of 2 SKUs')
        ->assertSee('1 has no GTIN');
    expect(substr_count((string) $page->getContent(), 'class="paper-label"'))
        ->toBe(4)
        ->and(substr_count((string) $page->getContent(), 'EAN-13 4006381333931'))
        ->toBe(3);
    $this->get('/products/SMOCK/labels?selected=')->assertStatus(422);
});

it('asks about all running numbers together, and goes on from what each place has', function (): void {
    $shop = Shop::open();
    $shop->axes([
        'Color' => implode(',', array_map(fn(int $at): string => "Hue {$at}", range(1, 12))),
        'Size' => implode(',', array_map(fn(int $at): string => "Step {$at}", range(1, 15))),
    ]);
    $id = pattern($shop, 'Each its own', [
        CodePart::product(),
        CodePart::axis($shop->id('Color')),
        CodePart::number('01'),
        CodePart::axis($shop->id('Size')),
    ]);
    app(ApplyCodePattern::class)->run($shop->change(), $id);
    expect(codesOf($shop)[0])
        ->toMatch('/^SMOCK-[A-Z0-9-]+-01-[A-Z0-9-]+$/')
        ->and(array_filter(codesOf($shop), fn(string $code): bool => !str_contains($code, '-01-')))
        ->toBe([]);
    $numbers = app(TakenCodes::class)->highestNumbers([
        'own' => [preg_replace('/01-.*$/', '', codesOf($shop)[0]), preg_replace('/^.*-01/', '', codesOf($shop)[0])],
        'none' => ['NOBODY-', ''],
    ]);
    expect($numbers)->toBe(['own' => 1, 'none' => 0]);
    $asked = 0;
    DB::listen(function () use (&$asked): void {
        $asked++;
    });
    app(ApplyCodePattern::class)->plan($shop->loaded(), $id, [], true);
    expect($asked)->toBeLessThan(25);
});

it('asks as often for one pattern and range as for many', function (): void {
    $shop = small();
    $queries = function () use ($shop): int {
        $asked = 0;
        DB::flushQueryLog();
        DB::enableQueryLog();
        test()->actingAs($shop->user)->get('/library/codes')->assertOk();
        $asked = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $asked;
    };
    pattern($shop, 'One', [CodePart::product()]);
    gtinRange($shop, '10', '19');
    app(SetGtin::class)->run(
        $shop->change(),
        $shop->part(['Color' => 'Moss', 'Size' => 'S']),
        Gtin::fromBody('400638100012'),
    );
    $queries();
    $few = $queries();
    foreach (range(2, 9) as $at) {
        pattern($shop, "Pattern {$at}", [CodePart::product(), CodePart::number("{$at}")]);
        gtinRange($shop, "{$at}00", "{$at}09");
    }
    expect($queries())->toBe($few);
    $this->get('/library/codes')->assertSee('9 of 10 free')->assertSee('10 of 10 free');
});
