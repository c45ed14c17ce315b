<?php

declare(strict_types=1);

use App\Actions\Product\SetPictureAxes;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetStock;
use Core\Details\Counting;
use Core\Product\StockCount;
use Tests\Support\Shop;

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
    foreach ($loaded->core->made as $sku) {
        $pools[
            implode(' ', $loaded->core->matrix->choice($loaded->core->book->part($sku->cell)))
        ] = $loaded->core->units($sku);
    }
    ksort($pools);

    return [(new StockCount($loaded->core->made, $loaded->core->book))->units, $pools];
}

it('sends units to the home value of a new axis that pictures show (150 became 300)', function (): void {
    $shop = counted();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Button, Wrap'], homes: ['style' => 'Button']);
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color'), $shop->id('Style')]);
    expect(unitsOf($shop))->toBe([
        150,
        ['Clay Button' => 50, 'Clay Wrap' => null, 'Moss Button' => 100, 'Moss Wrap' => null],
    ]);
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

it(
    'leaves units with the first part of a split, and gives none to what is made like another (150 became 250)',
    function (): void {
        $shop = counted();
        $shop->split('Moss', 'Moss, Fern');
        expect(unitsOf($shop)[0])->toBe(150);
        $shop->undo();
        expect(unitsOf($shop))->toBe([150, ['Clay' => 50, 'Moss' => 100]]);
    },
);

it(
    'joins units as an axis goes whose stock adds up, and keeps them one as it comes back (150 became 250 or 300)',
    function (): void {
        $shop = counted();
        $shop->axes(['Size' => 'S, M'], survivors: [$shop->id('Color') => $shop->id('Moss')], stockAddsUp: true);
        expect(unitsOf($shop)[0])->toBe(150);
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M'], homes: ['color' => 'Moss']);
        expect(unitsOf($shop))->toBe([150, ['Clay' => null, 'Moss' => 150]]);
    },
);

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

it('names where units go as pictures differ by other axes', function (): void {
    $shop = counted();
    $ask = fn(array $axes) => $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/picture-axes/plan',
            ['said' => 1, 'picture_axes' => $axes, 'version' => $shop->version()],
            ['HX-Request' => 'true'],
        )
        ->assertOk();
    $ask([$shop->id('Color') => '1'])->assertDontSee('Units in stock');
    $ask([])->assertSee('Units in stock: Moss 100 and Clay 50 → all 150.');
    app(SetPictureAxes::class)->run($shop->change(), []);
    expect($shop->words())->toBe('Pictures differ by no axis; moves units: Moss 100 and Clay 50 → all 150');
    $ask([$shop->id('Color') => '1'])->assertSee('Units in stock: all 150 → Moss 150.');
});

it(
    'leaves the picture combinations of a product that counts by them as they are, whatever the library says of an axis (its units were had by every size)',
    function (): void {
        $shop = counted();
        $free = Shop::open('FREE');
        $free->axes(['Size' => 'S, M']);
        $library = fn(): App\History\Change => new App\History\Change(
            $shop->user,
            null,
            App\Models\Library::whole()->version,
        );
        $size = $shop->id('Size');
        $say = fn(bool $inPictures) => app(App\Actions\Library\EditAxis::class)->run(
            $library(),
            $size,
            App\Store\Library\AxisForm::typed('Size', 'size', 'buttons', $inPictures),
        );
        $entry = $say(true);
        expect(unitsOf($shop))
            ->toBe([150, ['Clay' => 50, 'Moss' => 100]])
            ->and($entry->words)
            ->toBe(
                'Changed the axis Size; 1 product counts stock by picture combination, and pictures differ there as before',
            )
            ->and($shop->loaded()->core->matrix->axis($size)->changesPicture)
            ->toBeFalse()
            ->and($free->loaded()->core->matrix->axis($size)->changesPicture)
            ->toBeTrue();
        app(App\Actions\Product\UndoRedo::class)->undo($library());
        expect(DB::table('product_axes')->whereNotNull('changes_picture')->count())
            ->toBe(0)
            ->and(unitsOf($shop)[0])
            ->toBe(150);
    },
);

it(
    'leaves nothing behind to wake where units were added up, and another axis came with it (25 became 75)',
    function (): void {
        $shop = counted();
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Lining' => 'None']);
        $colors = $shop->id('Color');
        $shop->axes(
            ['Size' => 'S, M', 'Lining' => 'None, Wool'],
            survivors: [$colors => $shop->id('Moss')],
            stockAddsUp: true,
        );
        expect(unitsOf($shop)[0])->toBe(150);
        $shop->axes(['Size' => 'S, M', 'Lining' => 'None, Wool', 'Color' => 'Moss, Clay']);
        expect(unitsOf($shop))->toBe([
            150,
            ['None Clay' => null, 'None Moss' => 150, 'Wool Clay' => null, 'Wool Moss' => null],
        ]);
    },
);

it('goes by the axes that the product says its pictures differ by, not by those of the library', function (): void {
    $shop = counted();
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color'), $shop->id('Size')]);
    expect(unitsOf($shop))->toBe([150, ['Clay M' => null, 'Clay S' => 50, 'Moss M' => null, 'Moss S' => 100]]);
    $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L']);
    expect(unitsOf($shop))->toBe([
        150,
        ['Clay L' => null, 'Clay M' => null, 'Clay S' => 50, 'Moss L' => null, 'Moss M' => null, 'Moss S' => 100],
    ]);
    // The axis comes back as the product had it.
    $sizes = $shop->id('Size');
    $shop->axes(['Color' => 'Moss, Clay'], survivors: [$sizes => $shop->id('S')], stockAddsUp: true);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L']);
    expect(unitsOf($shop))->toBe([
        150,
        ['Clay L' => null, 'Clay M' => null, 'Clay S' => 50, 'Moss L' => null, 'Moss M' => null, 'Moss S' => 100],
    ]);
});

it('leaves units that sleep with the first part of a split (30 became 40)', function (): void {
    $shop = counted();
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color'), $shop->id('Size')]);
    $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    $shop->split('S', '34, 36');
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => '34, 36, M']);
    expect(unitsOf($shop))->toBe([
        150,
        [
            'Clay 34' => 50,
            'Clay 36' => null,
            'Clay M' => null,
            'Moss 34' => 100,
            'Moss 36' => null,
            'Moss M' => null,
        ],
    ]);
});
