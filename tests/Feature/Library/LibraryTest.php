<?php

declare(strict_types=1);

use App\Models\HistoryEntry;
use App\Models\Library;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\Right;
use App\Models\SizeRunRecord;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Shop;

function libraryPost(string $path, array $input = []): TestResponse
{
    return test()->post("/library{$path}", $input + ['version' => Library::whole()->version], ['HX-Request' => 'true']);
}

function libraryAxis(string $name): LibraryAxis
{
    return LibraryAxis::query()->where('name', $name)->firstOrFail();
}

function libraryValue(string $name): LibraryValue
{
    return LibraryValue::query()->where('name', $name)->firstOrFail();
}

/** All rows of the library. */
function libraryRows(): array
{
    return array_map(
        fn(string $table): array => DB::table($table)
            ->orderBy('id')
            ->get()
            ->map(fn($row): array => (array) $row)
            ->all(),
        ['axes', 'axis_values', 'size_runs'],
    );
}

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
});

it('holds what was typed on a product: one library, no second kind of axis', function (): void {
    $this->get('/library')->assertOk()->assertSee('Color')->assertSee('Moss, Clay, Slate')->assertSee('color swatches');
    $this->get('/library/axes/' . libraryAxis('Size')->id)
        ->assertOk()
        ->assertSee('used by Potting smock')
        ->assertSee('XL');
});

it('makes every change of the library undoable, with one entry in words', function (
    Closure $change,
    string $words,
): void {
    $this->post('/library/runs', [
        'version' => Library::whole()->version,
        'name' => 'Letters',
        'axis' => libraryAxis('Size')->id,
        'values' => 'S, M, L',
    ]);
    libraryPost('/axes', ['name' => 'Lining', 'kind' => 'other', 'display' => 'list'])->assertOk();
    libraryPost('/axes/' . libraryAxis('Lining')->id . '/values', ['values' => 'Wool, Cotton'])->assertOk();
    $before = libraryRows();
    $change()->assertSuccessful();
    $after = libraryRows();
    expect($after)
        ->not->toEqual($before)
        ->and(HistoryEntry::query()->whereNull('product_id')->latest('id')->value('words'))
        ->toBe($words);
    libraryPost('/undo')->assertHeader('HX-Refresh');
    expect(libraryRows())->toEqual($before);
    libraryPost('/redo')->assertHeader('HX-Refresh');
    expect(libraryRows())->toEqual($after);
})->with([
    'a new axis' => [
        fn() => libraryPost('/axes', [
            'name' => 'Cuff',
            'kind' => 'other',
            'display' => 'picture swatches',
            'changes_picture' => 1,
        ]),
        'Added the axis Cuff',
    ],
    'an axis' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id, [
            'name' => 'Shade',
            'kind' => 'color',
            'display' => 'picture swatches',
            'changes_picture' => 1,
            'translations' => 'de: Farbe',
        ]),
        'Changed the axis Color to Shade',
    ],
    'new values' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/values', ['values' => "Oat\tmoss | Ink"]),
        'Added Color Oat, Ink to the library',
    ],
    'the order' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/order', [
            'order' => implode(',', array_reverse(libraryAxis('Color')->values->modelKeys())),
        ]),
        'Reordered Color in the library',
    ],
    'a value' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, [
            'name' => 'Deep moss',
            'code' => 'dms',
            'synonyms' => 'Olive, olive, Lichen',
            'translations' => "de: Moos\nfr: mousse",
        ]),
        'Changed Color Moss to Deep moss in the library',
    ],
    'a swatch' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch', [
            'kind' => 'pattern',
            'tile' => 'dots',
            'colors' => ['#405030', 'white', ''],
        ]),
        'Swatch of Color Moss is dots of #405030 and #ffffff',
    ],
    'no swatch' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch', ['none' => 1]),
        'Swatch of Color Moss is gone',
    ],
    'a swatch moved on the map' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch/move', ['lab' => '50,-10,30']),
        'Swatch of Color Moss is #787b43',
    ],
    'a color that was tried' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/add', [
            'name' => 'Lagoon',
            'kind' => 'colors',
            'colors' => ['oklch(0.6 0.1 200)'],
        ]),
        'Added Color Lagoon to the library, #0d9298',
    ],
    'an order by hue' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/order', ['by' => 'name']),
        'Reordered Color in the library by name',
    ],
    'a value out' => [
        fn() => libraryPost('/values/' . libraryValue('Wool')->id . '/remove'),
        'Removed Lining Wool from the library',
    ],
    'an axis out' => [
        fn() => libraryPost('/axes/' . libraryAxis('Lining')->id . '/remove'),
        'Removed the axis Lining from the library',
    ],
    'a new run' => [
        fn() => libraryPost('/runs', [
            'name' => 'Beds',
            'axis' => libraryAxis('Size')->id,
            'values' => 'Single, Double, King',
        ]),
        'Made the size run Beds',
    ],
    'a run' => [
        fn() => libraryPost('/runs/' . SizeRunRecord::query()->value('id'), [
            'name' => 'S–XL',
            'axis' => libraryAxis('Size')->id,
            'values' => 'S, M, L, XL',
        ]),
        'Changed the size run S–XL',
    ],
    'a run out' => [
        fn() => libraryPost('/runs/' . SizeRunRecord::query()->value('id') . '/remove'),
        'Removed the size run Letters',
    ],
]);

it('keeps all that a value says', function (): void {
    libraryPost('/values/' . libraryValue('Moss')->id, [
        'name' => 'Deep moss',
        'code' => 'dms',
        'synonyms' => 'Olive, olive, Lichen',
        'translations' => "fr: mousse\nDE: Moos",
    ])->assertOk();
    $value = libraryValue('Deep moss');
    expect($value->only(['code', 'synonyms', 'translations']))->toEqual([
        'code' => 'DMS',
        'synonyms' => ['olive', 'Lichen'],
        'translations' => ['de' => 'Moos', 'fr' => 'mousse'],
    ]);
    $this->get('/products/SMOCK')->assertSee('Deep moss');
    expect($this->shop->sku(['Color' => 'Deep moss', 'Size' => 'M'])->code)->toBe('SMOCK-MOSS-M');
});

it('refuses in words what cannot be', function (Closure $change, string $why): void {
    $before = libraryRows();
    $change()->assertStatus(422)->assertSee($why);
    expect(libraryRows())->toEqual($before);
})->with([
    'an axis twice' => [
        fn() => libraryPost('/axes', ['name' => 'COLOR', 'kind' => 'color']),
        'The library has an axis Color already',
    ],
    'an axis renamed to another' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id, ['name' => 'size', 'kind' => 'color']),
        'The library has an axis Size already',
    ],
    'an axis without a name' => [
        fn() => libraryPost('/axes', ['name' => ' ', 'kind' => 'other']),
        'An axis needs a name',
    ],
    'values that are there' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/values', ['values' => 'moss, CLAY']),
        'Color has all of these already',
    ],
    'no values' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/values', ['values' => ' , ']),
        'Color has all of these already',
    ],
    'an order of others' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/order', [
            'order' => (string) libraryValue('Moss')->id,
        ]),
        'The values of Color changed meanwhile',
    ],
    'a name that is taken' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, ['name' => 'clay', 'code' => 'X1']),
        'Color has a value “Clay” already',
    ],
    'a code that is taken' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, [
            'name' => 'Moss',
            'code' => libraryValue('Clay')->code,
        ]),
        'Color Clay has the code',
    ],
    'a word that is another’s name' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, [
            'name' => 'Moss',
            'code' => 'MOSS',
            'synonyms' => 'Slate',
        ]),
        'Color has a value “Slate” already',
    ],
    'a bad code' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, ['name' => 'Moss', 'code' => '-M1']),
        'a code of up to 16 letters and digits',
    ],
    'a bad color' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch', [
            'kind' => 'colors',
            'colors' => ['mossish'],
        ]),
        '“mossish” is not a color that is known',
    ],
    'a piece of no picture' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch', [
            'kind' => 'piece',
            'colors' => ['#405030'],
        ]),
        'Choose the picture that the swatch is a piece of',
    ],
    'a piece of a picture that is not there' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/swatch', [
            'kind' => 'piece',
            'colors' => ['#405030'],
            'photo' => 999999,
        ]),
        'has to be a still that is stored',
    ],
    'an order by nothing' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/order', ['by' => 'taste']),
        'Say by what the colors are to be ordered',
    ],
    'a new color without a name' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/add', [
            'name' => ' ',
            'kind' => 'colors',
            'colors' => ['#405030'],
        ]),
        'Say what the new value is called',
    ],
    'a new color that is there' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/add', [
            'name' => 'moss',
            'kind' => 'colors',
            'colors' => ['#405030'],
        ]),
        'Color has Moss already',
    ],
    'two new colors at once' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/add', [
            'name' => 'Fern, Rust',
            'kind' => 'colors',
            'colors' => ['#405030'],
        ]),
        'Add one value at a time',
    ],
    'gaps where there are none' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/colors/fill'),
        'No value lacks a swatch',
    ],
    'a bad translation' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id, [
            'name' => 'Moss',
            'code' => 'MOSS',
            'translations' => 'Moos',
        ]),
        '“Moos” is not a translation',
    ],
    'a value in use' => [
        fn() => libraryPost('/values/' . libraryValue('Moss')->id . '/remove'),
        'Color Moss stays: Potting smock uses it or has used it',
    ],
    'an axis in use' => [
        fn() => libraryPost('/axes/' . libraryAxis('Color')->id . '/remove'),
        'Color stays: Potting smock',
    ],
    'a run without values' => [
        fn() => libraryPost('/runs', ['name' => 'Empty', 'axis' => libraryAxis('Size')->id, 'values' => ' ']),
        'A size run needs at least one value',
    ],
    'a run without a name' => [
        fn() => libraryPost('/runs', ['name' => '', 'axis' => libraryAxis('Size')->id, 'values' => 'S']),
        'A size run needs a name',
    ],
]);

it('keeps a value that was used once, since its retired SKUs may return', function (): void {
    $this->shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
    libraryPost('/values/' . libraryValue('Clay')->id . '/remove')
        ->assertStatus(422)
        ->assertSee('may want it back');
    $this->get('/library/axes/' . libraryAxis('Color')->id)
        ->assertOk()
        ->assertSeeInOrder(['Clay', '<td class="number">0</td>'], false);
});

it('says which products a change touches before it is made', function (): void {
    $second = Shop::open('HAT');
    $second->axes(['Color' => 'Moss']);
    $this->get('/library/values/' . libraryValue('Moss')->id)
        ->assertOk()
        ->assertSee('Changing it changes it for Potting smock, Potting smock');
    $this->get('/products/HAT/values/' . libraryValue('Moss')->id)
        ->assertOk()
        ->assertSee('everywhere: Potting smock, Potting smock')
        ->assertSee('on this product only');
    $this->get('/products/SMOCK/values/' . libraryValue('Clay')->id)
        ->assertOk()
        ->assertSee('everywhere: only this product uses it');
});

it('asks who changed an older library to look again', function (): void {
    $version = Library::whole()->version;
    libraryPost('/axes', ['name' => 'Cuff', 'kind' => 'other'])->assertOk();
    $other = Shop::person(Right::Edit, 'Ines');
    $this->actingAs($other)
        ->post('/library/axes', ['version' => $version, 'name' => 'Hem', 'kind' => 'other'], ['HX-Request' => 'true'])
        ->assertStatus(409)
        ->assertSee('The library changed while this window was open (Ada')
        ->assertSee('Make my change now')
        ->assertHeader('X-Version', (string) ($version + 1));
    expect(LibraryAxis::query()->where('name', 'Hem')->exists())->toBeFalse();
});

it('lets who may only look see the library, and change nothing', function (): void {
    $this->actingAs(Shop::person(Right::View));
    foreach (['/library', '/library/runs', '/library/history', '/library/axes/' . libraryAxis('Color')->id] as $path) {
        $this->get($path)->assertOk()->assertDontSee('data-act', false);
    }
    $before = libraryRows();
    foreach (
        ['/axes', '/axes/' . libraryAxis('Color')->id, '/values/' . libraryValue('Moss')->id, '/runs', '/undo']
        as $path
    ) {
        libraryPost($path, ['name' => 'X'])->assertForbidden();
    }
    expect(libraryRows())->toEqual($before);
});

it('drops a size run onto a product in one go, in its own order', function (): void {
    libraryPost('/runs', [
        'name' => 'Beds',
        'axis' => libraryAxis('Size')->id,
        'values' => 'King, Single, Double',
    ])->assertOk();
    $this->get('/library/runs')->assertOk()->assertSee('Beds');
    $hat = Shop::open('HAT');
    $this->get('/products/HAT/setup')
        ->assertOk()
        ->assertSee('Size: Beds')
        ->assertSee(
            'data-items="' .
                json_encode(array_map(fn(string $name): int => libraryValue($name)->id, ['King', 'Single', 'Double'])) .
                '"',
            false,
        );
    // Typed in any order, sizes of a run stand as the run has them.
    $hat->axes(['Size' => 'Single, King']);
    expect(array_map(fn($value): string => $value->label, $hat->loaded()->core->matrix->axes[0]->values))->toBe([
        'King',
        'Single',
    ]);
});

it('reads a synonym as the value it means, and says so', function (): void {
    libraryPost('/values/' . libraryValue('Moss')->id, [
        'name' => 'Moss',
        'code' => 'MOSS',
        'synonyms' => 'Olive',
    ])->assertOk();
    $this->post(
        '/products/SMOCK/setup/plan',
        ['axes' => [['name' => 'Color', 'values' => 'Olive, Clay']]],
        ['HX-Request' => 'true'],
    )
        ->assertOk()
        ->assertSee('“Olive” is another word for Moss.')
        ->assertSee('2 colors = 2 SKUs')
        ->assertDontSee('New to the library');
});

it('names a value for one product only, and reads that name there', function (): void {
    $hat = Shop::open('HAT');
    $hat->axes(['Color' => 'Moss, Clay']);
    $moss = libraryValue('Moss');
    $this->post(
        "/products/SMOCK/values/{$moss->id}",
        ['version' => $this->shop->version(), 'name' => 'Forest', 'code' => 'MOSS', 'scope' => 'here'],
        ['HX-Request' => 'true'],
    )
        ->assertOk()
        ->assertSee('Forest');
    expect($moss->refresh()->name)
        ->toBe('Moss')
        ->and($hat->loaded()->core->matrix->axes[0]->values[0]->label)
        ->toBe('Moss')
        ->and($this->shop->sheet())
        ->toContain('Forest')
        ->not->toContain('Moss,');
    // The product's own name is read as the same value, beside the library's.
    $this->shop->axes(['Color' => 'forest, Clay, Slate', 'Size' => 'S, M, L, XL']);
    expect($this->shop->loaded()->core->made)
        ->toHaveCount(12)
        ->and(LibraryValue::query()->where('name', 'forest')->exists())
        ->toBeFalse();
    $clay = libraryValue('Clay');
    $this->post(
        "/products/SMOCK/values/{$clay->id}",
        ['version' => $this->shop->version(), 'name' => 'FOREST', 'code' => $clay->code, 'scope' => 'here'],
        ['HX-Request' => 'true'],
    )
        ->assertStatus(422)
        ->assertSee('Potting smock has a Color “FOREST” already');
    $this->post(
        "/products/SMOCK/values/{$moss->id}",
        ['version' => $this->shop->version(), 'name' => 'Woodland', 'code' => 'MOSS', 'scope' => 'everywhere'],
        ['HX-Request' => 'true'],
    )->assertOk();
    expect($this->shop->loaded()->core->matrix->axes[0]->values[0]->label)
        ->toBe('Woodland')
        ->and($hat->loaded()->core->matrix->axes[0]->values[0]->label)
        ->toBe('Woodland');
});

it('shows shoppers each axis as the library says, in the language asked for', function (): void {
    libraryPost('/axes/' . libraryAxis('Size')->id, [
        'name' => 'Size',
        'kind' => 'size',
        'display' => 'list',
        'translations' => 'de: Größe',
    ])->assertOk();
    libraryPost('/axes/' . libraryAxis('Color')->id, [
        'name' => 'Color',
        'kind' => 'color',
        'display' => 'picture swatches',
        'changes_picture' => 1,
    ])->assertOk();
    libraryPost('/values/' . libraryValue('Moss')->id, [
        'name' => 'Moss',
        'code' => 'MOSS',
        'translations' => 'de: Moos',
    ])->assertOk();
    expect(libraryAxis('Size')->display)->toBe(AxisDisplay::List)->and(libraryAxis('Size')->kind)->toBe(AxisKind::Size);
    $this->get('/products/SMOCK/preview')
        ->assertOk()
        ->assertSee('<select class="form-select" aria-label="Size"', false)
        ->assertSee('with-pictures', false)
        ->assertSee('Moss')
        ->assertDontSee('Moos');
    $this->get('/products/SMOCK/preview?lang=de-AT')
        ->assertOk()
        ->assertSee('Moos')
        ->assertSee('Größe')
        ->assertSee('Clay');
});
