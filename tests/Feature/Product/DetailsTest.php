<?php

declare(strict_types=1);

use App\Files\JsonLdDocument;
use App\Models\Product;
use App\Store\Words\FormattedText;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

function detailsPost(Shop $shop, string $path, array $input = [])
{
    array_walk_recursive($input, function (mixed &$value): void {
        $value = (string) $value;
    });

    return test()
        ->actingAs($shop->user)
        ->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version(), 'page' => 'details'], [
            'HX-Request' => 'true',
        ]);
}

function detail(Shop $shop, string $kind, array $fields, array $more = [])
{
    return detailsPost($shop, 'details/set', ['detail' => $kind, 'fields' => $fields] + $more);
}

it('keeps every detail as it is typed, undone and redone, and says old and new', function (
    string $kind,
    array $fields,
    string $kept,
    string $words,
): void {
    $shop = Shop::stocked();
    detail($shop, $kind, $fields)->assertOk();
    expect(DB::table('details')->where('kind', $kind)->value('text'))
        ->toBe($kept)
        ->and($shop->words())
        ->toBe($words);
    $shop->undo();
    expect(DB::table('details')->count())->toBe(0);
    $shop->redo();
    expect(DB::table('details')->where('kind', $kind)->value('text'))->toBe($kept);
    detail($shop, $kind, array_fill(0, count($fields), ''))->assertOk();
    expect(DB::table('details')->count())->toBe(0);
})->with([
    ['short text', ['A smock  for all.'], 'A smock for all.', 'Short description set to A smock for all. (was none)'],
    [
        'highlights',
        ["Deep pockets\nWashed"],
        "Deep pockets\nWashed",
        'Highlights set to Deep pockets; Washed (was none)',
    ],
    [
        'also in',
        ["Gifts>For gardeners\nNew"],
        "Gifts > For gardeners\nNew",
        'Further categories set to Gifts > For gardeners; New (was none)',
    ],
    ['tags', ['linen, Linen, work'], 'linen, work', 'Tags set to linen, work (was none)'],
    ['condition', ['renewed'], 'renewed', 'Condition set to renewed (was none)'],
    ['warranty', ['2 years'], '2 years', 'Warranty set to 2 years (was none)'],
    ['dimensions', ['30 x 20 x 5 cm'], '30 × 20 × 5 cm', 'Dimensions set to 30 × 20 × 5 cm (was none)'],
    ['origin', ['PT'], 'PT', 'Country of origin set to Portugal (was none)'],
    ['customs code', ['6211.43'], '621143', 'Customs code set to 621143 (was none)'],
    ['tax class', ['Clothes'], 'Clothes', 'Tax class set to Clothes (was none)'],
    ['surcharge', ['4.5'], '4.50', 'Shipping surcharge set to 4.50 (was none)'],
    ['gift wrap', ['0'], '0.00', 'Gift wrap set to 0.00 (was none)'],
    [
        'buyer text',
        ['Name', '2', '20'],
        '2 20 Name',
        'Text asked from the buyer set to Name, 2 to 20 characters (was none)',
    ],
]);

it('shows shoppers, the sheet and JSON-LD what is said, of the part that says otherwise too', function (): void {
    $shop = Shop::stocked();
    foreach (
        [
            'short text' => ['A smock for all.'],
            'highlights' => ["Deep pockets\nWashed"],
            'also in' => ['Gifts > For gardeners'],
            'tags' => ['linen, work'],
            'warranty' => ['2 years'],
            'dimensions' => ['30 × 20 × 5 cm'],
            'origin' => ['PT'],
            'gift wrap' => ['0'],
            'buyer text' => ['Name to embroider', '2', '20'],
        ]
        as $kind => $fields
    ) {
        detail($shop, $kind, $fields)->assertOk();
    }
    detailsPost($shop, 'details', ['field' => 'category', 'value' => 'Outerwear > Smocks'])->assertOk();
    detail($shop, 'condition', ['used'], ['part' => 1, 'find' => 'Moss XL'])
        ->assertOk()
        ->assertSee('Said otherwise of parts')
        ->assertSee('Moss, XL');
    $page = $this->actingAs($shop->user)
        ->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss', 'Size' => 'XL']))
        ->assertOk();
    foreach (
        [
            'A smock for all.',
            'Deep pockets',
            '2 years',
            '30 × 20 × 5 cm',
            'Portugal',
            'free',
            'Name to embroider',
            '2 to 20 characters',
            '<dd>used</dd>',
        ]
        as $words
    ) {
        $page->assertSee($words, false);
    }
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss', 'Size' => 'S']))->assertDontSee(
        '<dd>used</dd>',
        false,
    );
    $variant = $shop->variant('SMOCK-MOSS-XL');
    expect($variant['offers'])
        ->toMatchArray([
            'itemCondition' => 'https://schema.org/UsedCondition',
            'warranty' => ['@type' => 'WarrantyPromise', 'description' => '2 years'],
        ])
        ->and($variant['width'])
        ->toBe(['@type' => 'QuantitativeValue', 'value' => 20, 'unitCode' => 'CMT'])
        ->and($variant['countryOfOrigin']['name'])
        ->toBe('PT')
        ->and($shop->variant('SMOCK-MOSS-S')['offers']['itemCondition'])
        ->toBe('https://schema.org/NewCondition');
    $rows = $shop->rows();
    expect($rows['SMOCK-MOSS-S'])
        ->toMatchArray([
            'short text' => 'A smock for all.',
            'tags' => 'linen, work',
            'category' => 'Outerwear > Smocks|Gifts > For gardeners',
            'condition' => '',
            'buyer text' => '2 20 Name to embroider',
        ])
        ->and($rows['SMOCK-MOSS-XL'])
        ->toMatchArray(['condition' => 'used', 'tags' => '', 'warranty' => '2 years']);
});

it('says first what is still missing, and where it is mended', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/details')
        ->assertOk()
        ->assertSee('2 that shoppers would miss')
        ->assertSee('No category')
        ->assertSee('12 SKUs without a GTIN')
        ->assertSee('lens=gtin')
        ->assertSee('href="#category"', false);
    detailsPost($shop, 'details', ['field' => 'category', 'value' => 'Smocks'])
        ->assertOk()
        ->assertDontSee('No category');
});

it('remembers what was typed before, each part of a path of categories too', function (): void {
    $shop = Shop::stocked();
    detailsPost($shop, 'details', ['field' => 'category', 'value' => 'Outerwear > Smocks'])->assertOk();
    detail($shop, 'also in', ['Gifts > For gardeners']);
    detail($shop, 'tags', ['linen, work']);
    $page = $this->actingAs($shop->user)->get('/products/SMOCK/details');
    foreach (['Outerwear', 'Outerwear &gt; Smocks', 'Gifts', 'Gifts &gt; For gardeners', 'linen', 'work'] as $entry) {
        $page->assertSee("<option value=\"{$entry}\">", false);
    }
});

it('cleans formatted text, and keeps plain text, which is shown as it is', function (
    string $typed,
    string $kept,
): void {
    expect(FormattedText::cleaned($typed))->toBe($kept);
})->with([
    ['1 < 2 and <b>', '1 < 2 and <b>'],
    ['<p>Deep <strong>pockets</strong></p>', '<p>Deep <strong>pockets</strong></p>'],
    ['<p onclick="x()" style="color:red" class="a">Text</p>', '<p>Text</p>'],
    ['<p>Text</p><script>alert(1)</script>', '<p>Text</p>'],
    ['<script>alert(1)</script><p>Text</p>', '<script>alert(1)</script><p>Text</p>'],
    ['<p><img src=x onerror=alert(1)>Text<iframe src="//x"></iframe></p>', '<p>Text</p>'],
    [
        '<p><a href="javascript:alert(1)">a</a> <a href="https://thrumbury.example/x">b</a></p>',
        '<p><a rel="noopener nofollow">a</a> <a href="https://thrumbury.example/x" rel="noopener nofollow">b</a></p>',
    ],
    ['<p><span>Text</span></p><div>more</div>', '<p>Text</p>more'],
    ['<p><br></p><p>&nbsp;</p>', ''],
    ['<p>a</p><svg><p>x</p></svg>', '<p>a</p>'],
    ['<ul><li>One</li><li></li></ul>', '<ul><li>One</li></ul>'],
]);

it('stores a description cleaned, and shows shoppers its format', function (): void {
    $shop = Shop::stocked();
    detailsPost($shop, 'details', [
        'field' => 'description',
        'value' => '<h3>Cloth</h3><p onclick="x()">Deep <em>pockets</em></p><script>alert(1)</script>',
    ])->assertOk();
    expect(Product::query()->findOrFail($shop->product->id)->description)->toBe(
        '<h3>Cloth</h3><p>Deep <em>pockets</em></p>',
    );
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/preview')
        ->assertSee('<h3>Cloth</h3><p>Deep <em>pockets</em></p>', false)
        ->assertDontSee('alert(1)');
    expect(json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true)['description'])->toBe(
        "Cloth\nDeep pockets",
    );
});

it('keeps facts of four kinds, shown to shoppers or not', function (): void {
    $shop = Shop::stocked();
    $fact = fn(string $name, string $value, string $kind, array $more = []) => detailsPost(
        $shop,
        'facts',
        ['name' => $name, 'value' => $value, 'kind' => $kind] + $more,
    );
    $fact('Weight of the cloth', '320,0', 'number', ['unit' => 'g/m²'])
        ->assertOk()
        ->assertSee('320 g/m²');
    $fact('Washable', 'YES', 'yes/no')->assertOk();
    $fact('Care', 'hand wash; line dry', 'list')->assertOk()->assertSee('hand wash, line dry');
    $fact('Bin', 'A-12', 'text', ['is_hidden' => 1])
        ->assertOk()
        ->assertSee('not shown to shoppers');
    $fact('Washable', 'perhaps', 'yes/no')->assertStatus(422)->assertSee('neither yes nor no');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/preview')
        ->assertSee('<dd>320 g/m²</dd>', false)
        ->assertDontSee('<dd>A-12', false);
    $properties = array_column(
        json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true)['additionalProperty'],
        null,
        'name',
    );
    expect($properties['Weight of the cloth'])
        ->toMatchArray(['value' => 320, 'unitText' => 'g/m²'])
        ->and($properties['Washable']['value'])
        ->toBeTrue()
        ->and($properties['Care']['value'])
        ->toBe(['hand wash', 'line dry'])
        ->and($properties)
        ->not->toHaveKey('Bin')
        ->and($shop->words())
        ->toContain('Bin: A-12, not shown to shoppers');
    $shop->undo();
    expect(DB::table('facts')->where('name', 'Bin')->count())->toBe(0);
});

it('refuses a part whose values nobody knows, and what a part cannot say', function (): void {
    $shop = Shop::stocked();
    detail($shop, 'condition', ['used'], ['part' => 1, 'find' => 'Crimson'])->assertStatus(422);
    detail($shop, 'condition', ['shabby'], ['part' => 1, 'find' => 'Moss'])
        ->assertStatus(422)
        ->assertSee('new, renewed, used or damaged');
    detail($shop, 'tags', ['x'], ['part' => 1, 'find' => 'Moss'])
        ->assertStatus(422)
        ->assertSee('the whole product has the same');
    detailsPost($shop, 'details/otherwise')->assertOk()->assertSee('Condition')->assertDontSee('Tags');
    expect(DB::table('details')->count())->toBe(0);
});
