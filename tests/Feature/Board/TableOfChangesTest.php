<?php

declare(strict_types=1);

use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\ReorderValues;
use App\Actions\Matrix\SetDisplay;
use App\Actions\Matrix\SetSwatches;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetOpening;
use App\Actions\Skus\PasteBlock;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\Store\Library\ValueForm;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\LikeChoice;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Color\ColorOrder;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\AxisDisplay;
use Core\Product\SkuField\PriceField;
use Core\Reach\Selection;
use Core\Sheets\CellGrid;
use Core\Sheets\PastedBlock;
use Tests\Core\Color\Samples;
use Tests\Support\Seeds;
use Tests\Support\Shop;

/*
 * Every row of the table of changes: what it says of it comes true, and undone and redone the product is the
 * same in everything that is stored and in everything that is exported.
 */

/**
 * A shop with what is easily lost: prices and codes of single SKUs, stock, narrow pictures, roles, hidden ones,
 * left-out cells.
 */
function worriedShop(): Shop
{
    $shop = Shop::stocked();
    $shop->photo('moss xl.jpg', ['Color' => 'Moss', 'Size' => 'XL'], View::usual('detail'), Role::Lead);
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'XL']), '54');
    app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), 'ODD-1');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Slate']), '7');
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Slate', 'Size' => 'XL'])),
    );
    app(SetOpening::class)->sku($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'M']));

    return $shop;
}

const ALL_SIZES = 'S, M, L, XL';

it('is undone and redone to the identical product and exports', function (Closure $change): void {
    $shop = worriedShop();
    $before = $shop->everything();
    $change($shop);
    $after = $shop->everything();
    expect($after)->not->toEqual($before);
    $shop->undo();
    expect($shop->everything())->toBe($before);
    $shop->redo();
    expect($shop->everything())->toBe($after);
})->with([
    'add a value' => fn(Shop $shop) => $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => ALL_SIZES]),
    'add a value like another' => fn(Shop $shop) => $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate, Oat', 'Size' => ALL_SIZES],
        new MatrixChoices(likes: ['color' => [new LikeChoice(DraftValue::called('Oat'), $shop->id('Slate'))]]),
    ),
    'remove a value' => fn(Shop $shop) => $shop->axes(['Color' => 'Clay, Slate', 'Size' => ALL_SIZES]),
    'reorder' => fn(Shop $shop) => app(ReorderValues::class)->run($shop->change(), $shop->id('Color'), [
        $shop->id('Slate'),
        $shop->id('Moss'),
        $shop->id('Clay'),
    ]),
    'rename here only' => fn(Shop $shop) => app(EditValue::class)->run(
        $shop->change(),
        $shop->id('Moss'),
        ValueForm::typed('Forest', 'MOSS'),
        true,
    ),
    'rename everywhere' => fn(Shop $shop) => app(EditValue::class)->run(
        $shop->change(),
        $shop->id('Moss'),
        ValueForm::typed('Forest', 'FRS'),
    ),
    'merge' => fn(Shop $shop) => $shop->merge('Moss', 'Clay'),
    'merge with the SKUs that come, stock added' => fn(Shop $shop) => $shop->merge(
        'Moss',
        'Clay',
        new MatrixChoices(stockAddsUp: true, comersStay: true),
    ),
    'split' => fn(Shop $shop) => $shop->split('Moss', 'Fern, Lichen', true),
    'split and keep the name' => fn(Shop $shop) => $shop->split('Moss', 'Moss, Lichen'),
    'add an axis' => fn(Shop $shop) => $shop->axes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => ALL_SIZES, 'Style' => 'Buttoned, Pullover'],
        ['style' => 'Pullover'],
    ),
    'drop an axis' => fn(Shop $shop) => $shop->axes(
        ['Color' => 'Moss, Clay, Slate'],
        [],
        [$shop->id('Size') => $shop->id('XL')],
        true,
    ),
    'drop an axis and keep it as a fact' => fn(Shop $shop) => $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate'],
        new MatrixChoices(survivors: [$shop->id('Size') => $shop->id('M')], asFacts: [$shop->id('Size')]),
    ),
    'exchange an axis' => fn(Shop $shop) => $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate', 'Length' => 'Short, Long'],
        new MatrixChoices(
            exchanges: [$shop->id('Size') => 'length'],
            heirs: [
                $shop->id('S') => DraftValue::called('short'),
                $shop->id('M') => DraftValue::called('short'),
                $shop->id('L') => DraftValue::called('long'),
                $shop->id('XL') => null,
            ],
        ),
    ),
    'drop all axes' => fn(Shop $shop) => $shop->axes(
        [],
        [],
        [$shop->id('Size') => $shop->id('M'), $shop->id('Color') => $shop->id('Clay')],
    ),
    'leave out a cell' => fn(Shop $shop) => app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'XL'])),
    ),
    'leave out by a rule' => fn(Shop $shop) => app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut([
            $shop->id('Color') => [$shop->id('Moss'), $shop->id('Clay')],
            $shop->id('Size') => [$shop->id('S'), $shop->id('XL')],
        ]),
    ),
    'offer again' => fn(Shop $shop) => app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::again(Selection::whole()),
    ),
    'opening value' => fn(Shop $shop) => app(SetOpening::class)->value(
        $shop->change(),
        $shop->id('Color'),
        $shop->id('Slate'),
    ),
    'opening SKU back to the first' => fn(Shop $shop) => app(SetOpening::class)->sku($shop->change(), null),
    'a swatch of its own' => fn(Shop $shop) => app(SetSwatches::class)->one(
        $shop->change(),
        $shop->id('Moss'),
        Swatch::read('stripes:#5f7049/#ffffff'),
        true,
    ),
    'a swatch everywhere' => fn(Shop $shop) => app(SetSwatches::class)->one(
        $shop->change(),
        $shop->id('Moss'),
        Swatch::read('#123456/#ffffff'),
    ),
    'how shoppers choose' => fn(Shop $shop) => app(SetDisplay::class)->run(
        $shop->change(),
        $shop->id('Color'),
        AxisDisplay::PictureSwatches,
    ),
    'order by hue' => fn(Shop $shop) => app(ReorderValues::class)->byColor(
        $shop->change(),
        $shop->id('Color'),
        ColorOrder::Hue,
    ),
    'a block of prices' => fn(Shop $shop) => app(PasteBlock::class)->run(
        $shop->change(),
        new PriceField(),
        CellGrid::fromKey(
            $shop->token(['Color' => 'Moss', 'Size' => 'S']) . ';' . $shop->token(['Color' => 'Moss', 'Size' => 'M']),
        ),
        PastedBlock::read("41\t42"),
        false,
    ),
    'a fact' => fn(Shop $shop) => app(EditFacts::class)->set($shop->change(), new SayFact('Lining', 'cotton')),
]);

it('adds a value like another: its price, weight and left-out cells, never its stock or codes', function (): void {
    $shop = worriedShop();
    $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate, Oat, Ink', 'Size' => ALL_SIZES],
        new MatrixChoices(
            likes: [
                'color' => [
                    new LikeChoice(DraftValue::called('Oat'), $shop->id('Moss')),
                    new LikeChoice(DraftValue::called('Ink'), $shop->id('Slate')),
                ],
            ],
        ),
    );
    $oat = $shop->sku(['Color' => 'Oat', 'Size' => 'XL']);
    expect($oat->price?->shown())
        ->toBe('54.00')
        ->and($oat->stock)
        ->toBeNull()
        ->and($oat->code)
        ->toBe('SMOCK-OAT-XL')
        ->and($shop->sku(['Color' => 'Oat', 'Size' => 'S'])->price?->shown())
        ->toBe('49.00')
        ->and($shop->loaded()->core->made)
        ->not->toHaveKey($shop->token(['Color' => 'Ink', 'Size' => 'XL']))
        ->and($shop->files(['Color' => 'Oat', 'Size' => 'XL']))
        ->toBe(['guide.jpg'])
        ->and($shop->words())
        ->toContain('makes 7');
});

it('merges two colors that both have stock and a Lead: the person says which stays', function (): void {
    $shop = worriedShop();
    $moss = $shop->sku(['Color' => 'Moss', 'Size' => 'M']);
    $clay = $shop->sku(['Color' => 'Clay', 'Size' => 'M']);
    $cell = $shop->token(['Color' => 'Clay', 'Size' => 'M']);
    $clash = 'lead-' . $shop->placement('Clay front.jpg') . '-' . $shop->placement('Moss front.jpg');
    $shop->merge(
        'Moss',
        'Clay',
        new MatrixChoices(
            stockAddsUp: true,
            winners: [$cell => $moss->id],
            roles: [$clash => $shop->placement('Moss front.jpg')],
        ),
    );
    $loaded = $shop->loaded();
    expect($loaded->core->made)
        ->toHaveCount(7)
        ->and($loaded->core->made[$cell]->id)
        ->toBe($moss->id)
        ->and($loaded->core->made[$cell]->code)
        ->toBe('SMOCK-MOSS-M')
        ->and($loaded->core->made[$cell]->stock)
        ->toBe(20)
        ->and($shop->sku(['Color' => 'Clay', 'Size' => 'S'])->code)
        ->toBe('ODD-1')
        ->and(array_column($loaded->core->state->skus, null, 'id')[$clay->id]->isMade())
        ->toBeFalse()
        ->and($shop->gallery(['Color' => 'Clay', 'Size' => 'M'])->lead()?->file)
        ->toBe('Moss front.jpg')
        ->and($shop->gallery(['Color' => 'Clay', 'Size' => 'XL'])->lead()?->file)
        ->toBe('moss xl.jpg')
        ->and($loaded->placements[$shop->placement('Clay front.jpg')]->placement->roles)
        ->toBe([])
        ->and($shop->files(['Color' => 'Clay', 'Size' => 'S']))
        ->toHaveCount(9)
        ->and($loaded->tray())
        ->toBe([])
        ->and($shop->words())
        ->toContain('Merged Color Moss into Clay: moves 1, retires 4');
});

it('leaves the merged value’s own SKUs and Lead where nothing else is said', function (): void {
    $shop = worriedShop();
    $shop->merge('Moss', 'Clay');
    expect($shop->sku(['Color' => 'Clay', 'Size' => 'M'])->code)
        ->toBe('SMOCK-CLAY-M')
        ->and($shop->sku(['Color' => 'Clay', 'Size' => 'M'])->stock)
        ->toBe(10)
        ->and($shop->gallery(['Color' => 'Clay', 'Size' => 'M'])->lead()?->file)
        ->toBe('Clay front.jpg');
});

it('splits a color: SKUs and pictures go to the first part, the others are made like it', function (
    bool $pictures,
    array $files,
): void {
    $shop = worriedShop();
    $code = $shop->sku(['Color' => 'Moss', 'Size' => 'XL'])->code;
    $shop->split('Moss', 'Fern, Lichen', $pictures);
    expect($shop->sku(['Color' => 'Fern', 'Size' => 'XL'])->code)
        ->toBe($code)
        ->and($shop->sku(['Color' => 'Fern', 'Size' => 'XL'])->stock)
        ->toBe(10)
        ->and($shop->sku(['Color' => 'Lichen', 'Size' => 'XL'])->price?->shown())
        ->toBe('54.00')
        ->and($shop->sku(['Color' => 'Lichen', 'Size' => 'XL'])->stock)
        ->toBeNull()
        ->and($shop->gallery(['Color' => 'Fern', 'Size' => 'S'])->lead()?->file)
        ->toBe('Moss front.jpg')
        ->and($shop->files(['Color' => 'Lichen', 'Size' => 'S']))
        ->toBe($files)
        ->and(array_map(fn($value): string => $value->label, $shop->loaded()->core->matrix->axes[0]->values))
        ->toBe(['Fern', 'Lichen', 'Clay', 'Slate']);
})->with([
    'pictures for the first part' => [false, ['guide.jpg']],
    'pictures for all' => [true, ['Moss front.jpg', 'Moss back.jpg', 'Moss worn.jpg', 'Moss detail.jpg', 'guide.jpg']],
]);

it('exchanges an axis: SKUs keep code, stock and pictures under the value that takes over', function (): void {
    $shop = worriedShop();
    $shop->photo('long.jpg', ['Size' => 'L']);
    $large = $shop->sku(['Color' => 'Moss', 'Size' => 'L']);
    $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate', 'Length' => 'Short, Long'],
        new MatrixChoices(
            exchanges: [$shop->id('Size') => 'length'],
            heirs: [
                $shop->id('S') => DraftValue::called('short'),
                $shop->id('M') => null,
                $shop->id('L') => DraftValue::called('long'),
                $shop->id('XL') => null,
            ],
        ),
    );
    expect($shop->sku(['Color' => 'Moss', 'Length' => 'Long'])->id)
        ->toBe($large->id)
        ->and($shop->loaded()->core->made)
        ->toHaveCount(6)
        ->and($shop->files(['Color' => 'Clay', 'Length' => 'Long']))
        ->toContain('long.jpg')
        ->and($shop->files(['Color' => 'Clay', 'Length' => 'Short']))
        ->not->toContain('long.jpg')
        ->and($shop->words())
        ->toContain('in the place of Size');
});

it(
    'drops an axis whose SKUs differ in price: the survivor’s price stays, or that of the SKU chosen',
    function (): void {
        $shop = worriedShop();
        $size = $shop->id('Size');
        $xl = $shop->sku(['Color' => 'Moss', 'Size' => 'XL']);
        $shop->changeAxes(
            ['Color' => 'Moss, Clay, Slate'],
            new MatrixChoices(
                survivors: [$size => $shop->id('M')],
                winners: [$shop->token(['Color' => 'Moss']) => $xl->id],
            ),
        );
        expect($shop->sku(['Color' => 'Moss'])->price?->shown())
            ->toBe('54.00')
            ->and($shop->sku(['Color' => 'Clay'])->price?->shown())
            ->toBe('49.00')
            ->and($shop->loaded()->core->made)
            ->toHaveCount(3);
    },
);

it('turns a fact into an axis and back', function (): void {
    $shop = worriedShop();
    app(EditFacts::class)->set($shop->change(), new SayFact('Lining', 'cotton'));
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => ALL_SIZES, 'Lining' => 'Wool, Cotton']);
    expect($shop->loaded()->core->state->details->facts)
        ->toBe([])
        ->and($shop->sku(['Color' => 'Moss', 'Size' => 'M', 'Lining' => 'Cotton'])->stock)
        ->toBe(10)
        ->and($shop->sku(['Color' => 'Moss', 'Size' => 'M', 'Lining' => 'Wool'])->stock)
        ->toBeNull();
    $shop->changeAxes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => ALL_SIZES],
        new MatrixChoices(survivors: [$shop->id('Lining') => $shop->id('Cotton')], asFacts: [$shop->id('Lining')]),
    );
    expect($shop->loaded()->core->state->details->facts[0]->value)
        ->toBe('Cotton')
        ->and($shop->sku(['Color' => 'Moss', 'Size' => 'M'])->stock)
        ->toBe(10);
    expect(fn() => app(EditFacts::class)->set($shop->change(), new SayFact('color', 'green')))->toThrow(
        Core\Refusal::class,
        'Color is an axis of this product',
    );
});

it('brings a removed value back with everything: label, opening, codes, prices, stock and pictures', function (): void {
    $shop = worriedShop();
    app(EditValue::class)->run($shop->change(), $shop->id('Moss'), ValueForm::typed('Forest', 'MOSS'), true);
    app(SetOpening::class)->value($shop->change(), $shop->id('Color'), $shop->id('Moss'));
    $before = $shop->everything();
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => ALL_SIZES]);
    expect($shop->words())
        ->toBe(
            'Removed Color Forest: retires 4 with 40 in stock, 5 pictures return to the tray (2 colors × 4 sizes = 8 cells − 1 left out = 7 SKUs)',
        )
        ->and($shop->loaded()->core->opens()->choice()->values)
        ->toBe([]);
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => ALL_SIZES]);
    expect($shop->everything())->toBe($before);
});

it('restores random products after any change of mind', function (int $seed): void {
    $random = Samples::random($seed);
    $pick = fn(array $list): mixed => $list[$random->getInt(0, count($list) - 1)];
    $shop = Shop::open();
    $shop->axes(
        array_slice(
            ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L', 'Style' => 'Buttoned, Pullover'],
            0,
            $random->getInt(1, 3),
        ),
    );
    $axes = $shop->loaded()->core->matrix->axes;
    foreach (range(1, 5) as $at) {
        $axis = $pick($axes);
        $shop->photo(
            "p{$at}.jpg",
            [$axis->name => $pick($axis->values)->label],
            $pick([View::usual('front'), View::usual('back'), null]),
            $pick([Role::Lead, Role::Card, null]),
        );
    }
    foreach ($axes as $axis) {
        app(SetStock::class)->run(
            $shop->change(),
            $shop->part([$axis->name => $pick($axis->values)->label]),
            (string) $random->getInt(0, 9),
        );
        app(SetPrices::class)->run(
            $shop->change(),
            $shop->part([$axis->name => $pick($axis->values)->label]),
            (string) $random->getInt(10, 90),
        );
    }
    $stock = array_sum(array_map(fn($sku): int => (int) $sku->stock, $shop->loaded()->core->state->skus));
    $codes = array_map(fn($sku): string => $sku->code, array_column($shop->loaded()->core->state->skus, null, 'id'));
    foreach (range(1, 5) as $step) {
        $axis = $pick($shop->loaded()->core->matrix->axes);
        $typed = [];
        foreach ($shop->loaded()->core->matrix->axes as $own) {
            $typed[$own->name] = implode(', ', array_map(fn($value): string => $value->label, $own->values));
        }
        [$one, $other] = [$axis->values[0], $axis->values[$axis->count() - 1]];
        $before = $shop->everything();
        match (true) {
            $axis->count() > 1 && $random->getInt(0, 2) === 0 => $shop->merge(
                $one->label,
                $other->label,
                new MatrixChoices(stockAddsUp: $random->getInt(0, 1) === 1, comersStay: $random->getInt(0, 1) === 1),
            ),
            $random->getInt(0, 1) === 0 => $shop->split(
                $one->label,
                "{$one->label}, Part {$seed} {$step}",
                $random->getInt(0, 1) === 1,
            ),
            default => $shop->changeAxes(
                [...$typed, $axis->name => "{$typed[$axis->name]}, New {$step}"],
                new MatrixChoices(
                    likes: [
                        mb_strtolower($axis->name) => [new LikeChoice(DraftValue::called("New {$step}"), $other->id)],
                    ],
                ),
            ),
        };
        $after = $shop->everything();
        $shop->undo();
        expect($shop->everything())->toBe($before);
        $shop->redo();
        expect($shop->everything())->toBe($after);
        // No unit is lost and no code goes to another SKU, whatever collapses.
        $skus = $shop->loaded()->core->state->skus;
        expect(array_sum(array_map(fn($sku): int => (int) $sku->stock, $skus)))
            ->toBe($stock)
            ->and(
                array_intersect_key(array_map(fn($sku): string => $sku->code, array_column($skus, null, 'id')), $codes),
            )
            ->toBe($codes);
    }
})->with(Seeds::upTo(10));
