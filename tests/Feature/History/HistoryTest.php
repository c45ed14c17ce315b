<?php

declare(strict_types=1);

use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\RemovePhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Actions\Product\EditDetails;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetDetail;
use App\Actions\Product\UndoRedo;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetGtin;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetSkuField;
use App\Actions\Skus\SetStock;
use App\Changing\EntryUndo;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Models\Right;
use App\Store\Library\ValueForm;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\OfferCells;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\FactKind;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Product\SkuField\WeightField;
use Core\Reach\Selection;
use Core\Refusal;
use Tests\Support\Shop;

it('undoes and redoes every change to the identical state, with one entry in words', function (
    Closure $change,
    string $words,
): void {
    $shop = Shop::stocked();
    $shop->receive(['loose.jpg' => Shop::picture('loose')]);
    $before = $shop->state();
    $entries = HistoryEntry::query()->count();
    $change($shop);
    $after = $shop->state();
    expect($after)
        ->not->toBe($before)
        ->and(HistoryEntry::query()->count())
        ->toBe($entries + 1)
        ->and(HistoryEntry::query()->latest('id')->value('words'))
        ->toBe($words);
    $shop->undo();
    expect($shop->state())->toBe($before);
    $shop->redo();
    expect($shop->state())->toBe($after);
})->with([
    'link' => [
        fn(Shop $shop) => app(LinkPhotos::class)->run(
            $shop->change(),
            [$shop->placement('loose.jpg')],
            $shop->part(['Size' => 'M']),
        ),
        'Linked loose.jpg to M',
    ],
    'link only there' => [
        fn(Shop $shop) => app(LinkPhotos::class)->onlyThere(
            $shop->change(),
            [$shop->placement('guide.jpg')],
            $shop->part(['Color' => 'Moss']),
        ),
        'Linked guide.jpg only to Moss',
    ],
    'unlink from a color' => [
        fn(Shop $shop) => app(UnlinkPhotos::class)->run(
            $shop->change(),
            [$shop->placement('guide.jpg')],
            $shop->part(['Color' => 'Moss']),
        ),
        'Unlinked guide.jpg from Moss',
    ],
    'back to the tray' => [
        fn(Shop $shop) => app(UnlinkPhotos::class)->everywhere(
            $shop->change(),
            [$shop->placement('guide.jpg')],
            Selection::nothing(),
        ),
        'Returned guide.jpg to the tray',
    ],
    'hide' => [
        fn(Shop $shop) => app(HidePhotos::class)->run(
            $shop->change(),
            [$shop->placement('guide.jpg')],
            $shop->part(['Size' => 'S']),
        ),
        'Hid guide.jpg from S',
    ],
    'move' => [
        fn(Shop $shop) => app(OrderPhotos::class)->move(
            $shop->change(),
            $shop->placement('Clay worn.jpg'),
            $shop->part(['Color' => 'Clay']),
            0,
        ),
        'Moved Clay worn.jpg to place 1 of Clay',
    ],
    'follow the shot list' => [
        fn(Shop $shop) => app(OrderPhotos::class)->followShotList($shop->change()),
        'Put the pictures into the order of the shot list',
    ],
    'view' => [
        fn(Shop $shop) => app(DescribePhotos::class)->view(
            $shop->change(),
            [$shop->placement('loose.jpg')],
            View::usual('flat'),
        ),
        'loose.jpg: view flat',
    ],
    'alt text' => [
        fn(Shop $shop) => app(DescribePhotos::class)->altText(
            $shop->change(),
            $shop->placement('loose.jpg'),
            'A loose one',
        ),
        'Alt text of loose.jpg',
    ],
    'role' => [
        fn(Shop $shop) => app(AssignRole::class)->run($shop->change(), $shop->placement('Moss back.jpg'), Role::Lead),
        'Moss back.jpg is Lead for Moss',
    ],
    'remove for good' => [
        fn(Shop $shop) => app(RemovePhotos::class)->run($shop->change(), [$shop->placement('loose.jpg')]),
        'Removed loose.jpg from the product',
    ],
    'price' => [
        fn(Shop $shop) => app(SetPrices::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '54,5'),
        'Price of XL, all colors set to 54.50 (was 49.00)',
    ],
    'price of the product' => [
        fn(Shop $shop) => app(SetPrices::class)->run(
            $shop->change(),
            $shop->part(['Size' => 'XL', 'Color' => 'Moss']),
            '',
        ),
        'Price of Moss, XL set to the product’s (was 49.00)',
    ],
    'stock' => [
        fn(Shop $shop) => app(SetStock::class)->run($shop->change(), Selection::whole(), '1 200'),
        'Stock of the whole product set to 1,200 (was 10)',
    ],
    'raise' => [
        fn(Shop $shop) => app(SetPrices::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '+10 %', '.95'),
        'Price of XL, all colors raised by 10 %, ending .95 (was 49.00)',
    ],
    'what a value adds' => [
        fn(Shop $shop) => app(AdjustPrices::class)->run($shop->change(), $shop->id('XL'), '+5', '-2.5'),
        'Price at Size XL set to +5.00 and −2.5 % (was none); 3 with a price of their own stay',
    ],
    'less stock' => [
        fn(Shop $shop) => app(SetStock::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '-3'),
        'Stock of XL, all colors 3 less (was 10)',
    ],
    'counted otherwise' => [
        fn(Shop $shop) => app(SetCounting::class)->run($shop->change(), Counting::Pictures),
        'Stock counted for each picture combination (was each SKU): 120 in stock becomes 120 in stock, counted for each picture combination',
    ],
    'a detail of a part' => [
        fn(Shop $shop) => app(SetDetail::class)->ofPart(
            $shop->change(),
            DetailKind::Cost,
            $shop->part(['Color' => 'Moss']),
            ['21'],
        ),
        'Cost of Moss, all sizes set to 21.00 (was none)',
    ],
    'a sale' => [
        fn(Shop $shop) => app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Sale, ['39', '2026-12-01', '']),
        'Sale set to 39.00 from 1 December 2026 (was none)',
    ],
    'quantity breaks' => [
        fn(Shop $shop) => app(SetDetail::class)->ofProduct($shop->change(), DetailKind::Breaks, ['10', '5 %', 'unit']),
        'Quantity breaks set to from 10: 5 % off each unit (was none)',
    ],
    'a GTIN' => [
        fn(Shop $shop) => app(SetGtin::class)->run(
            $shop->change(),
            $shop->part(['Size' => 'XL', 'Color' => 'Moss']),
            '73513537',
        ),
        'GTIN of Moss, XL set to 73513537 (was none)',
    ],
    'a weight' => [
        fn(Shop $shop) => app(SetSkuField::class)->run(
            $shop->change(),
            $shop->part(['Size' => 'XL']),
            new WeightField(),
            '1.2 kg',
        ),
        'Weight of XL, all colors set to 1200 g (was not weighed)',
    ],
    'a fact with a unit' => [
        fn(Shop $shop) => app(EditFacts::class)->set(
            $shop->change(),
            new SayFact('Cloth', '320', FactKind::Number, 'g/m²'),
        ),
        'Cloth: 320 g/m²',
    ],
    'code' => [
        fn(Shop $shop) => app(SetCode::class)->run(
            $shop->change(),
            $shop->part(['Size' => 'XL', 'Color' => 'Moss']),
            'ODD/1',
        ),
        'Code of Moss, XL set to ODD/1 (was SMOCK-MOSS-XL)',
    ],
    'details' => [
        fn(Shop $shop) => app(EditDetails::class)->run($shop->change(), 'price', '12'),
        'Price of the product set to 12.00 (was none)',
    ],
    'leave out' => [
        fn(Shop $shop) => app(LeaveOutCells::class)->run(
            $shop->change(),
            OfferCells::leaveOut($shop->part(['Size' => 'S', 'Color' => 'Clay'])),
        ),
        'Left out Clay, S: retires 1 with 10 in stock',
    ],
]);

it('undoes a change of a library value', function (): void {
    $shop = Shop::stocked();
    $moss = LibraryValue::query()->where('name', 'Moss')->firstOrFail();
    app(EditValue::class)->run($shop->change(), $moss->id, ValueForm::typed('Deep moss', 'dms'));
    expect($moss->refresh()->only(['name', 'code']))->toBe(['name' => 'Deep moss', 'code' => 'DMS']);
    $shop->undo();
    expect($moss->refresh()->name)->toBe('Moss');
    expect(fn() => app(EditValue::class)->run($shop->change(), $moss->id, ValueForm::typed('CLAY', 'X')))->toThrow(
        Refusal::class,
        'has a value “Clay” already',
    );
});

it('undoes the making of a product, keeps its code for it, and brings it back', function (): void {
    $shop = Shop::open();
    $shop->undo();
    $this->actingAs($shop->user)->get('/products/SMOCK')->assertStatus(410)->assertSee('Redo brings it back');
    $this->get('/')->assertDontSee('Potting smock');
    expect(fn() => Shop::open())->toThrow(Refusal::class, 'which was undone');
    $shop->redo();
    expect(Product::query()->standing()->count())->toBe(1);
});

it('undoes a whole drop of files at once', function (): void {
    $shop = Shop::open();
    $batch = '0b9f9b1e-0c52-4f6e-9d2a-0f1e2d3c4b5a';
    foreach (range(1, 3) as $parcel) {
        $shop->receive(
            ["a{$parcel}.jpg" => Shop::picture("a{$parcel}"), "b{$parcel}.jpg" => Shop::picture("b{$parcel}")],
            $batch,
        );
    }
    expect($shop->loaded()->placements)->toHaveCount(6);
    $shop->undo();
    expect($shop->loaded()->placements)->toBe([]);
    $shop->redo();
    expect($shop->loaded()->placements)->toHaveCount(6);
});

it('refuses to undo past somebody else’s later change of the same thing, and names it', function (): void {
    $shop = Shop::stocked();
    $other = Shop::person(Right::Edit, 'Ines');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '5');
    app(SetStock::class)->run($shop->change($other), $shop->part(['Size' => 'S']), '7');
    $before = $shop->state();
    expect(fn() => $shop->undo())->toThrow(Refusal::class, 'Ines changed the same thing');
    expect($shop->state())->toBe($before);
    $shop->undo($other);
    $shop->undo();
    expect(array_sum(array_map(fn($sku): int => $sku->stock, $shop->loaded()->core->made)))->toBe(120);
});

it('undoes one’s own change while somebody else changed another thing', function (): void {
    $shop = Shop::stocked();
    $other = Shop::person(Right::Edit, 'Ines');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '5');
    app(SetStock::class)->run($shop->change($other), $shop->part(['Color' => 'Clay']), '7');
    $shop->undo();
    $stock = fn(string $color): int => $shop->loaded()->core->made[$shop->token(['Color' => $color, 'Size' => 'S'])]
        ->stock;
    expect($stock('Moss'))->toBe(10)->and($stock('Clay'))->toBe(7);
});

it('forgets what could be redone after a new change, and says when there is nothing', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '5');
    $shop->undo();
    app(SetPrices::class)->run($shop->change(), Selection::whole(), '6');
    expect(EntryUndo::nextRedo($shop->product->id, $shop->user->id))->toBeNull();
    expect(fn() => $shop->redo())->toThrow(Refusal::class, 'nothing of yours to redo');
});

it('writes no entry where nothing changes', function (): void {
    $shop = Shop::stocked();
    $entries = HistoryEntry::query()->count();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '10');
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
    expect(HistoryEntry::query()->count())->toBe($entries);
});

it(
    'undoes the rest of a batch of which a part was taken back before (every later undo was blocked)',
    function (): void {
        $shop = Shop::open();
        $batch = '0b9f9b1e-0c52-4f6e-9d2a-0f1e2d3c4b5a';
        $files = fn(string ...$names): array => array_combine(
            array_map(fn(string $name): string => "{$name}.jpg", $names),
            array_map(Shop::picture(...), $names),
        );
        $there = fn(): array => DB::table('placements')
            ->where('product_id', $shop->product->id)
            ->orderBy('id')
            ->pluck('file_name')
            ->all();
        $shop->receive($files('a', 'b'), $batch);
        $first = HistoryEntry::query()->max('id');
        $shop->receive($files('c'), $batch);
        app(UndoRedo::class)->undoTo($shop->change(), $first);
        expect($there())->toBe(['a.jpg', 'b.jpg']);
        $shop->undo();
        expect($there())->toBe([]);
        $shop->redo();
        $shop->redo();
        expect($there())->toBe(['a.jpg', 'b.jpg', 'c.jpg']);
        $shop->undo();
        expect($there())->toBe([]);
        $shop->redo();
        expect($there())->toBe(['a.jpg', 'b.jpg', 'c.jpg']);
    },
);

it('takes back nothing of what somebody else did under the same batch (it took their picture)', function (): void {
    $shop = Shop::open();
    $batch = '0b9f9b1e-0c52-4f6e-9d2a-0f1e2d3c4b5a';
    $shop->receive(['own.jpg' => Shop::picture('own')], $batch);
    $other = Shop::person(App\Models\Right::Edit, 'Other');
    app(App\Actions\Pictures\ReceivePhotos::class)->run(
        new App\History\Change($other, $shop->product->id, null, $batch),
        [new App\Media\Incoming\IncomingFile(Shop::picture('theirs'), 'theirs.jpg')],
    );
    $shop->undo();
    expect(DB::table('placements')->pluck('file_name')->all())->toBe(['theirs.jpg']);
    $shop->redo();
    expect(DB::table('placements')->orderBy('id')->pluck('file_name')->all())->toBe(['own.jpg', 'theirs.jpg']);
});
