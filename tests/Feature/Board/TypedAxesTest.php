<?php

declare(strict_types=1);

use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Store\Products\CatalogLookup;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Matrix\Value;
use Tests\Support\Shop;

it('reads what is typed against the library as it stands: names, codes, other words and swatches', function (): void {
    Shop::open()->axes(['Color' => 'Moss, Clay']);
    LibraryValue::query()
        ->where('name', 'Moss')
        ->update(['code' => 'MSS', 'swatch' => '#123456']);
    LibraryValue::query()
        ->where('name', 'Clay')
        ->update(['synonyms' => '["Loam"]', 'translations' => '{"de":"Lehm"}']);
    [$read] = (new DraftReader(app(CatalogLookup::class)))->read([new DraftAxis(' COLOR ', "mOSS\tOat, lehm, LOAM")]);
    expect($read->axis->id)
        ->toBe(LibraryAxis::query()->value('id'))
        ->and(array_map(fn(Value $value): string => $value->label, $read->axis->values))
        ->toBe(['Moss', 'Oat', 'Clay'])
        ->and($read->axis->values[0]->code)
        ->toBe('MSS')
        ->and($read->swatches[$read->axis->values[0]->id]?->text())
        ->toBe('#123456')
        ->and($read->newValues())
        ->toBe(['Oat'])
        ->and(LibraryValue::query()->where('name', 'Oat')->exists())
        ->toBeFalse();
});

it('writes to the library only what is built', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/setup/plan',
            ['axes' => [['name' => 'Weave', 'values' => 'Twill, Plain']]],
            ['HX-Request' => 'true'],
        )
        ->assertOk()
        ->assertSee('2 weaves = 2 SKUs');
    expect(LibraryAxis::query()->count())->toBe(0);
    $this->post(
        '/products/SMOCK/setup',
        [
            'version' => $shop->version(),
            'axes' => [['name' => 'Weave', 'values' => 'Twill, Plain', 'pictures_asked' => '1']],
        ],
        ['HX-Request' => 'true'],
    )->assertOk();
    expect(LibraryAxis::query()->where('name', 'Weave')->first()->changes_picture)
        ->toBeFalse()
        ->and(LibraryValue::query()->orderBy('position')->pluck('name')->all())
        ->toBe(['Twill', 'Plain']);
});

it('refuses the whole change where one part cannot be', function (): void {
    $shop = Shop::stocked();
    $before = $shop->everything();
    $library = LibraryValue::query()->count();
    $this->actingAs($shop->user);
    foreach (
        [
            [['name' => 'Color', 'values' => 'Moss, Umber'], ['name' => 'Size', 'values' => '']],
            [['name' => 'Color', 'values' => 'Moss, Umber'], ['name' => 'COLOR', 'values' => 'Clay']],
            [['name' => 'Color', 'values' => 'Umber, ' . str_repeat('x', 90)]],
        ]
        as $axes
    ) {
        $this->post(
            '/products/SMOCK/setup',
            ['version' => $shop->version(), 'axes' => $axes],
            ['HX-Request' => 'true'],
        )->assertStatus(422);
    }
    expect($shop->everything())
        ->toBe($before)
        ->and(LibraryValue::query()->count())
        ->toBe($library);
});
