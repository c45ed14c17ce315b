<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\ReorderValues;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Actions\Product\ChangeProduct;
use App\Actions\Product\EditDetails;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetOpening;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\OfferCells;
use Core\Details\Fact;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Views;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\Remark;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Refusal;
use Tests\Core\Color\Samples;
use Tests\Support\Seeds;
use Tests\Support\Shop;

/** @return list<string> */
function leftBetween(ProductState $wanted, ProductState $is): array
{
    return array_map(
        fn(Remark $remark): string => $remark->words,
        (new DifferenceWording())->remarks(Difference::between($wanted, $is)),
    );
}

/** One change of many kinds, drawn. */
function somethingElse(Shop $shop, Random\Randomizer $random): void
{
    $matrix = $shop->loaded()->core->matrix;
    $pick = fn(array $list): mixed => array_values($list)[$random->getInt(0, count($list) - 1)];
    $cell = fn(): Selection => Selection::fromKey($pick($shop->loaded()->core->madeCells())->key);
    $row = fn(): Selection => $shop->part(['Color' => $pick($matrix->axes[0]->values)->label]);
    $picture = fn(): int => (int) $pick(array_keys($shop->loaded()->placements));
    match ($random->getInt(0, 17)) {
        0 => $shop->axes([
            'Color' => implode(', ', $random->shuffleArray(['Moss', 'Clay', 'Slate', 'Oat'])),
            'Size' => $pick(['S, M, L', 'M, L, XL', 'S, XL', 'S, M, L, XL, XXL']),
        ]),
        1 => $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL', 'Style' => 'Wrap, Open']),
        2 => app(LeaveOutCells::class)->run(
            $shop->change(),
            $random->getInt(0, 2) === 0 ? OfferCells::again($cell()) : OfferCells::leaveOut($cell()),
        ),
        3 => app(SetStock::class)->run($shop->change(), $row(), (string) $pick(['', '0', '7'])),
        4 => app(SetPrices::class)->run($shop->change(), $row(), (string) $pick(['', '52', '54.50'])),
        5 => app(SetCode::class)->run($shop->change(), $cell(), 'ODD-' . $random->getInt(1, 999)),
        6 => $random->getInt(0, 1) === 0
            ? app(LinkPhotos::class)->onlyThere($shop->change(), [$picture()], $row())
            : app(LinkPhotos::class)->run($shop->change(), [$picture()], $row()),
        7 => app(UnlinkPhotos::class)->run($shop->change(), [$picture()], $row()),
        8 => app(HidePhotos::class)->run($shop->change(), [$picture()], $row()),
        9 => app(AssignRole::class)->run($shop->change(), $picture(), $pick(Role::cases())),
        10 => app(DescribePhotos::class)->view($shop->change(), [$picture()], $pick(Views::usual()->all)),
        11 => app(EditFacts::class)->set(
            $shop->change(),
            new SayFact($pick(['Lining', 'Collar']), $pick(['cotton', 'linen'])),
        ),
        12 => app(SetOpening::class)->value($shop->change(), $matrix->axes[0]->id, $pick($matrix->axes[0]->values)->id),
        13 => app(SetOpening::class)->sku($shop->change(), $cell()),
        14 => app(ReorderValues::class)->run(
            $shop->change(),
            $matrix->axes[1]->id,
            $random->shuffleArray($matrix->axes[1]->valueIds()),
        ),
        15 => app(EditDetails::class)->run(
            $shop->change(),
            $pick(['name', 'brand', 'category', 'description']),
            $pick(['Oats & Co.', 'Smock II']),
        ),
        16 => app(EditDetails::class)->run($shop->change(), 'price', $pick(['48', null])),
        17 => $shop->receive([($name = 'more ' . $random->getInt(1, 99) . '.jpg') => Shop::picture($name)]),
    };
}

it('makes a product again what it was, in one entry that is undone to the identical rows', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::stocked();
    $states = [];
    for ($step = 0; $step < 9; $step++) {
        $states[] = $shop->loaded()->core->state;
        try {
            somethingElse($shop, $random);
        } catch (Refusal | Core\CoreException) {
            continue;
        }
    }
    $wanted = $states[$random->getInt(0, 5)];
    $before = $shop->everything();
    $entries = App\Models\HistoryEntry::query()->count();

    app(ChangeProduct::class)->run($shop->change(), $wanted, 'As it was');
    expect(leftBetween($wanted, $shop->loaded()->core->state))
        ->toBe([])
        ->and(Difference::between($wanted, $shop->loaded()->core->state)->isNone())
        ->toBeTrue();
    $after = $shop->everything();
    expect(app(ChangeProduct::class)->run($shop->change(), $wanted, 'As it was'))
        ->toBeNull()
        ->and(App\Models\HistoryEntry::query()->count())
        ->toBeLessThanOrEqual($entries + 1);
    if ($after !== $before) {
        $shop->undo();
        expect($shop->everything())->toEqual($before);
        $shop->redo();
        expect($shop->everything())->toEqual($after);
    }
})->with(Seeds::upTo(25));

it('takes a state that knows no ids, as a sheet has it', function (): void {
    $shop = Shop::stocked();
    $is = $shop->loaded()->core->state;
    $eur = Currency::of('EUR');
    $oat = App\Models\LibraryValue::query()->create([
        'axis_id' => $shop->id('Color'),
        'name' => 'Oat',
        'folded' => 'oat',
        'code' => 'OAT',
        'position' => 9,
    ]);
    $colors = $is->matrix->axes[0];
    $matrix = Matrix::of([
        $colors->with([...$colors->values, new Core\Matrix\Value($oat->id, 'Oat', 'OAT')]),
        $is->matrix->axes[1],
    ]);
    $skus = [];
    foreach ($matrix->combinations() as $at => $cell) {
        $isOat = $cell->value($colors->id) === $oat->id;
        $skus[] = new Sku(
            0,
            $cell,
            Core\Matrix\SkuState::Made,
            $isOat ? "OATY-{$at}" : $shop->loaded()->core->made[$cell->key]->code,
            $isOat ? Money::of('60', $eur) : null,
            $isOat ? 3 : 10,
            null,
            250,
        );
    }
    $pictures = array_map(
        fn(Placement $picture): Placement => new Placement(
            -1 - $picture->id,
            $picture->file,
            Reach::everything(),
            Reach::nothing(),
            $picture->view,
            $picture->roles,
            photoId: $picture->photoId,
        ),
        array_slice($is->pictures, 2),
    );
    $wanted = new ProductState(
        new ProductDetails(
            'Potting smock',
            'SMOCK',
            $eur,
            brand: 'Thrumbury',
            basePrice: Money::of('49', $eur),
            shotList: $is->details->shotList,
            facts: [new Fact(0, 'Lining', 'cotton', isShown: false)],
        ),
        $matrix,
        $skus,
        $pictures,
    );

    $before = $shop->everything();
    app(ChangeProduct::class)->run($shop->change(), $wanted, 'From the sheet autumn.csv');
    $loaded = $shop->loaded();
    expect($shop->words())
        ->toBe('From the sheet autumn.csv: brand, price, fact Lining, axes, 16 SKUs, 12 pictures')
        ->and(Difference::between($loaded->core->state, $wanted)->isNone())
        ->toBeTrue()
        ->and($loaded->core->made)
        ->toHaveCount(16)
        ->and($shop->sku(['Color' => 'Oat', 'Size' => 'M'])->price?->shown())
        ->toBe('60.00')
        ->and($shop->sku(['Color' => 'Oat', 'Size' => 'M'])->code)
        ->toStartWith('OATY-')
        ->and($shop->sku(['Color' => 'Moss', 'Size' => 'M'])->price)
        ->toBeNull()
        ->and($loaded->placements)
        ->toHaveCount(11)
        ->and(app(ChangeProduct::class)->run($shop->change(), $wanted, 'Again'))
        ->toBeNull();
    $shop->undo();
    expect($shop->everything())->toEqual($before);
});

it('refuses a code that another product has, and leaves all as it was', function (): void {
    $shop = Shop::stocked();
    $other = Shop::open('OTHER');
    $other->axes(['Size' => 'S, M']);
    $is = $shop->loaded()->core->state;
    $skus = $is->skus;
    $skus[3] = new Sku($skus[3]->id, $skus[3]->cell, $skus[3]->state, 'OTHER-S', $skus[3]->price, 99);
    $before = $shop->everything();
    expect(
        fn() => app(ChangeProduct::class)->run(
            $shop->change(),
            new ProductState($is->details, $is->matrix, $skus, $is->pictures),
            'Sheet',
        ),
    )->toThrow(Refusal::class, 'OTHER-S is the code of');
    expect($shop->everything())->toEqual($before);
});

it('lets SKUs of one product exchange their codes', function (): void {
    $shop = Shop::stocked();
    $is = $shop->loaded()->core->state;
    $skus = $is->skus;
    $swap = fn(int $to, int $of): Sku => new Sku(
        $skus[$to]->id,
        $skus[$to]->cell,
        $skus[$to]->state,
        $skus[$of]->code,
        $skus[$to]->price,
        $skus[$to]->stock,
    );
    $wanted = new ProductState(
        $is->details,
        $is->matrix,
        [$swap(0, 1), $swap(1, 2), $swap(2, 0), ...array_slice($skus, 3)],
        $is->pictures,
    );
    app(ChangeProduct::class)->run($shop->change(), $wanted, 'Sheet');
    expect(Difference::between($shop->loaded()->core->state, $wanted)->isNone())->toBeTrue();
});
