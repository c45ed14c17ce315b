<?php

declare(strict_types=1);

use App\Actions\SetCounting;
use App\Actions\SetPictureAxes;
use App\Actions\SetStock;
use App\Catalog\StockCount;
use Core\Details\Counting;
use Tests\Shop;

/*
 * Units counted for picture combinations go where their SKUs go: no change makes more of them than there were.
 */

/** Moss 100, Clay 50, counted by color. */
function counted(): Shop
{
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    app(SetCounting::class)->run($shop->change(), Counting::Pictures);
    foreach (['Moss' => '100', 'Clay' => '50'] as $color => $units) {
        app(SetStock::class)->run($shop->change(), $shop->part(['Color' => $color]), $units);
    }

    return $shop;
}

/** @return array{int, array<string, ?int>} all units, and those of each SKU's pool by color and style */
function unitsOf(Shop $shop): array
{
    $loaded = $shop->loaded();
    $pools = [];
    foreach ($loaded->made as $sku) {
        $pools[implode(' ', $loaded->matrix->choice($loaded->book->part($sku->cell)))] = $sku->stock;
    }
    ksort($pools);

    return [(new StockCount($loaded->made))->units, $pools];
}

it('sends units to the home value of a new axis that pictures show (150 became 300)', function (): void {
    $shop = counted();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Button, Wrap'], homes: ['style' => 'Button']);
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color'), $shop->id('Style')]);
    expect(unitsOf($shop))
        ->toBe([150, ['Clay Button' => 50, 'Clay Wrap' => null, 'Moss Button' => 100, 'Moss Wrap' => null]]);
    // Back to colors alone: what parted is joined.
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Style' => 'Wrap']), '7');
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color')]);
    expect(unitsOf($shop))->toBe([157, ['Clay' => 50, 'Moss' => 107]]);
    app(SetPictureAxes::class)->run($shop->change(), []);
    expect(unitsOf($shop)[0])->toBe(157);
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color')]);
    expect(unitsOf($shop)[0])->toBe(157);
    foreach (range(1, 5) as $back) {
        $shop->undo();
    }
    expect(unitsOf($shop)[0])->toBe(150);
});

it('leaves units with the first part of a split, and gives none to what is made like another (150 became 250)', function (): void {
    $shop = counted();
    $shop->split('Moss', 'Moss, Fern');
    expect(unitsOf($shop)[0])->toBe(150);
    $shop->undo();
    expect(unitsOf($shop))->toBe([150, ['Clay' => 50, 'Moss' => 100]]);
});

it('joins units as an axis goes whose stock adds up, and keeps them one as it comes back (150 became 250 or 300)', function (): void {
    $shop = counted();
    $shop->axes(['Size' => 'S, M'], survivors: [$shop->id('Color') => $shop->id('Moss')], stockAddsUp: true);
    expect(unitsOf($shop)[0])->toBe(150);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M'], homes: ['color' => 'Moss']);
    expect(unitsOf($shop))->toBe([150, ['Clay' => null, 'Moss' => 150]]);
});

it('lets units sleep with a value that goes, and wakes them with it', function (): void {
    $shop = counted();
    $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    expect(unitsOf($shop))->toBe([100, ['Moss' => 100]]);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    expect(unitsOf($shop))->toBe([150, ['Clay' => 50, 'Moss' => 100]]);
});

it('lets units sleep with an axis whose stock does not add up, and wakes them with it', function (): void {
    $shop = counted();
    $shop->axes(['Size' => 'S, M'], survivors: [$shop->id('Color') => $shop->id('Moss')]);
    expect(unitsOf($shop)[0])->toBe(100);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M'], homes: ['color' => 'Moss']);
    expect(unitsOf($shop))->toBe([150, ['Clay' => 50, 'Moss' => 100]]);
});
