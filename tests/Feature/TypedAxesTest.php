<?php

declare(strict_types=1);

use App\Catalog\CatalogLookup;
use App\Catalog\LoadedProduct;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Shop;

/** @return ReadAxis what is understood of one typed axis */
function understood(string $name, string $typed, ?LoadedProduct $own = null, bool $dragged = false): ReadAxis
{
    return (new DraftReader(app(CatalogLookup::class)))->read([new DraftAxis($name, $typed, $dragged)], $own?->core())[0];
}

/** @return list<string> */
function labels(ReadAxis $read): array
{
    return array_map(fn (Value $value): string => $value->label, $read->axis->values);
}

it('knows by name and values what kind an axis is', function (string $name, string $typed, AxisKind $kind, AxisDisplay $display, bool $changesPicture): void {
    $read = understood($name, $typed);
    expect($read->axis->kind)->toBe($kind)
        ->and($read->axis->display)->toBe($display)
        ->and($read->axis->changesPicture)->toBe($changesPicture)
        ->and($read->isNew())->toBeTrue();
})->with([
    ['Color', 'Moss, Clay', AxisKind::Color, AxisDisplay::ColorSwatches, true],
    ['colour', 'Moss', AxisKind::Color, AxisDisplay::ColorSwatches, true],
    ['Size', 'S, M', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Waist', '30, 32', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Fit', 'S, M, L', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Style', 'Buttoned, Pullover', AxisKind::Other, AxisDisplay::Buttons, true],
]);

it('puts sizes into their order, unless they were dragged into another', function (): void {
    expect(labels(understood('Size', 'XL, S | M;XXS')))->toBe(['XXS', 'S', 'M', 'XL'])
        ->and(labels(understood('Size', 'XL, S, M', dragged: true)))->toBe(['XL', 'S', 'M'])
        ->and(labels(understood('Style', 'Wrap, Buttoned')))->toBe(['Wrap', 'Buttoned']);
});

it('takes the library’s spelling, codes and swatches, and names what is new', function (): void {
    Shop::open()->axes(['Color' => 'Moss, Clay']);
    LibraryValue::query()->where('name', 'Moss')->update(['code' => 'MSS', 'swatch' => '#123456']);
    $read = understood(' COLOR ', "mOSS\tOat");
    expect($read->axis->id)->toBe(LibraryAxis::query()->value('id'))
        ->and($read->axis->name)->toBe('Color')
        ->and(labels($read))->toBe(['Moss', 'Oat'])
        ->and($read->axis->values[0]->code)->toBe('MSS')
        ->and($read->swatches[$read->axis->values[0]->id]?->text())->toBe('#123456')
        ->and($read->newValues())->toBe(['Oat'])
        ->and(array_map(fn (Value $value): string => $value->label, $read->unused))->toBe(['Clay']);
    expect(LibraryValue::query()->where('name', 'Oat')->exists())->toBeFalse();
});

it('offers what is nearly in the library, and never takes it silently', function (): void {
    Shop::open()->axes(['Color' => 'Charcoal, Moss', 'Size' => 'S, M, L']);
    $near = fn (ReadAxis $read): array => array_map(fn ($miss): string => "{$miss->typed} > {$miss->known}", $read->read->nearMisses);
    expect($near(understood('Color', 'Charcoal, Charcaol, Mosss, Moss')))->toBe(['Charcaol > Charcoal', 'Mosss > Moss'])
        ->and($near(understood('Size', 'Lg, Small')))->toBe(['Lg > L', 'Small > S'])
        ->and($near(understood('Color', 'Oat')))->toBe([]);
});

it('names doubles, whatever they are called', function (): void {
    $double = fn (string $name, string $typed): array => array_map(fn ($one): string => $one->inWords(), understood($name, $typed)->read->doubles);
    expect($double('Color', 'Moss, moss , MOSS'))->toHaveCount(2)
        ->and($double('Size', 'XXL, 2XL'))->toHaveCount(1)
        ->and($double('Size', 'S, M'))->toBe([]);
});

it('reads a value under the product’s own label as well as under the library’s name', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay']);
    DB::table('product_values')->where('value_id', $shop->id('Moss'))->update(['label' => 'Forest']);
    $own = $shop->loaded();
    $moss = $shop->id('Moss');
    foreach (['forest, Clay', 'Moss, Clay'] as $typed) {
        $read = understood('Color', $typed, $own);
        expect($read->axis->values[0]->id)->toBe($moss)->and(labels($read))->toBe(['Forest', 'Clay']);
    }
    // Elsewhere the label means nothing.
    expect(understood('Color', 'forest')->newValues())->toBe(['forest']);
});

it('proposes a code of its own for every new value', function (): void {
    $read = understood('Color', 'Moss, Mossy, Moss green, Moos, Mess');
    $codes = array_map(fn (Value $value): string => $value->code, $read->axis->values);
    expect(array_unique($codes))->toHaveCount(5)->and($codes[0])->toBe('MOSS');
});

it('refuses in words what cannot be read', function (array $drafts, string $why): void {
    $axes = array_map(fn (array $draft): DraftAxis => new DraftAxis(...$draft), $drafts);
    expect(fn () => (new DraftReader(app(CatalogLookup::class)))->read($axes))->toThrow(Refusal::class, $why);
})->with([
    'no name' => [[['', 'S, M']], 'Say what “S, M” are: give the axis a name'],
    'a long name' => [[[str_repeat('n', 61), 'S']], 'The name of an axis can have 60 characters'],
    'a long value' => [[['Style', str_repeat('v', 81)]], 'is too long: a value can have 80 characters. Is a comma missing?'],
    'one axis twice' => [[['Size', 'S'], [' size', 'M']], 'stands twice. Put its values on one line.'],
]);

it('writes to the library only what is built', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user)->post('/products/SMOCK/setup/plan', ['axes' => [['name' => 'Weave', 'values' => 'Twill, Plain']]], ['HX-Request' => 'true'])->assertOk()->assertSee('2 weaves = 2 SKUs');
    expect(LibraryAxis::query()->count())->toBe(0);
    $this->post('/products/SMOCK/setup', ['version' => $shop->version(), 'axes' => [['name' => 'Weave', 'values' => 'Twill, Plain', 'pictures_asked' => '1']]], ['HX-Request' => 'true'])->assertOk();
    expect(LibraryAxis::query()->where('name', 'Weave')->first()->changes_picture)->toBeFalse()
        ->and(LibraryValue::query()->orderBy('position')->pluck('name')->all())->toBe(['Twill', 'Plain']);
});

it('refuses the whole change where one part cannot be', function (): void {
    $shop = Shop::stocked();
    $before = $shop->everything();
    $library = LibraryValue::query()->count();
    $this->actingAs($shop->user);
    foreach ([
        [['name' => 'Color', 'values' => 'Moss, Umber'], ['name' => 'Size', 'values' => '']],
        [['name' => 'Color', 'values' => 'Moss, Umber'], ['name' => 'COLOR', 'values' => 'Clay']],
        [['name' => 'Color', 'values' => 'Umber, '.str_repeat('x', 90)]],
    ] as $axes) {
        $this->post('/products/SMOCK/setup', ['version' => $shop->version(), 'axes' => $axes], ['HX-Request' => 'true'])->assertStatus(422);
    }
    expect($shop->everything())->toBe($before)->and(LibraryValue::query()->count())->toBe($library);
});
