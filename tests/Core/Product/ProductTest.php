<?php

declare(strict_types=1);

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Gallery\AltTexts\AltText;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Entry;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Product\Completeness;
use Core\Product\KnownNames;
use Core\Product\LibraryPart;
use Core\Product\PictureNames;
use Core\Product\Plans\CountingPlan;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\SelectionGallery;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Product\StockState;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Refusal;
use Core\Stock\Availability;
use Core\Text\Day;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

/** A product drawn at random, with a library that has names for what it had. */
function randomProduct(int $seed): Product
{
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $names = $values = [];
    foreach ($library->axes() as $axis) {
        $names[$axis->id] = $axis->name;
        $values += array_column($axis->values, 'label', 'id');
    }
    $shots = ShotList::of([View::usual('front'), View::usual('back')], [View::usual('front')]);

    return new Product(
        (new RandomProduct($random, $library))->state(),
        new LibraryPart($shots, new AltText(), new KnownNames($names, $values)),
    );
}

it('answers for every SKU: its gallery, its price, its units, where it lies', function (int $seed): void {
    $product = randomProduct($seed);
    expect(array_map(fn(Sku $sku): string => $sku->cell->key, array_values($product->made)))->toBe(
        array_map(fn(Combination $cell): string => $cell->key, $product->matrix->inOrder($product->madeCells())),
    );
    foreach ($product->state->skus as $sku) {
        $reaches = fn(Entry $entry): bool => $entry->placement->reach->activeIn($product->matrix)->covers($sku->cell);
        expect(
            $sku->isMade()
                ? array_filter($product->galleryOf($sku)->entries, fn(Entry $entry): bool => !$reaches($entry))
                : [],
        )
            ->toBe([])
            ->and($product->price($sku)?->shown())
            ->toBe($sku->price?->shown() ?? $product->prices->price($sku->cell, null)->effective()?->shown())
            ->and($product->choiceOf($sku))
            ->not->toBe([])
            ->and($product->placeOf($sku))
            ->not->toBe('');
        if (!$sku->isMade()) {
            // A retired one is called by all that it had, also by what sleeps.
            expect(count($product->choiceOf($sku)))->toBe(count($sku->combination->values));
        }
    }
    foreach ($product->state->pictures as $picture) {
        expect($product->altText($picture))->not->toBe('');
    }
    expect($product->coverage()?->rows)
        ->not->toBeNull()
        ->and($product->opens()->cell())
        ->not->toBeNull();
})->with(range(1, 30));

it('sums every unit once, however units are counted, and none is made by counting otherwise', function (
    int $seed,
): void {
    $product = randomProduct($seed);
    $now = new StockCount($product->made, $product->book);
    foreach (Counting::cases() as $counting) {
        $plan = new CountingPlan($product, $counting);
        $then = new Product($product->state->withDetails($product->state->details->saying($plan->details)));
        $count = new StockCount($then->made, $then->book);
        $bySource = [];
        foreach ($then->made as $sku) {
            $bySource[$then->source($sku)] = $then->units($sku) ?? 0;
        }
        expect($count->units)
            ->toBe(array_sum($bySource))
            ->and($count->units)
            ->toBeLessThanOrEqual($now->units)
            ->and($count->inWords())
            ->toBe($plan->after->inWords());
        if ($counting === Counting::Product || $counting === Counting::Pictures) {
            expect($count->units)->toBe($now->units, 'counted for more together, units add up');
        }
    }
})->with(range(1, 30));

it('says whether a SKU can be bought', function (): void {
    $product = Samples::product(
        fn(ProductState $state): ProductState => $state->withSkus([
            $state->skus[0]->counted(0),
            $state->skus[1]->counted(null),
        ]),
    );
    $day = Day::typed('2026-11-30');
    expect(array_map(fn(Sku $sku): Availability => $product->availability($sku, $day), $product->state->skus))
        ->toBe([Availability::SoldOut, Availability::NotCounted, Availability::InStock, Availability::InStock])
        ->and((new StockCount($product->made, $product->book))->inWords())
        ->toBe('20 in stock, 1 sold out, 1 not counted')
        ->and((new StockCount($product->made, $product->book))->range())
        ->toBe('0–10, some not counted')
        ->and((new StockCount([], $product->book))->isNone())
        ->toBeTrue();
});

it('shows of a selection each picture once, in the one order, with how many SKUs show it', function (): void {
    $product = Samples::product();
    $gallery = new SelectionGallery($product->selected(Selection::whole()));
    expect($gallery->ids())
        ->toBe([1, 2, 3])
        ->and($gallery->shownBy)
        ->toBe([1 => 2, 3 => 4, 2 => 2])
        ->and($gallery->skuCount)
        ->toBe(4)
        ->and($gallery->isOne())
        ->toBeFalse()
        ->and((new SelectionGallery($product->selected(Samples::at([1 => 11]))))->isOne())
        ->toBeTrue();
});

it('gives a picture a name that no other has, without regard to case', function (int $seed): void {
    $random = Samples::random($seed);
    $words = ['a.jpg', 'A.JPG', 'a (2).jpg', 'b', 'B', str_repeat('x', 300) . '.png', '.jpg', 'é.jpg', 'É.jpg'];
    $names = PictureNames::of(new ProductState(Samples::product()->state->details, Samples::product()->matrix));
    $given = [];
    for ($photoId = 1; $photoId <= 40; $photoId++) {
        $file = $names->free($words[$random->getInt(0, count($words) - 1)]);
        expect($given)->not->toHaveKey(mb_strtolower($file))->and(mb_strlen($file))->toBeLessThan(200);
        $given[mb_strtolower($file)] = true;
        $names = $names->with($photoId, $file);
        expect($names->nameOf($photoId))->toBe($file);
    }
})->with(range(1, 10));

it('knows its pictures and axes, and says which is gone', function (): void {
    $product = Samples::product();
    expect(array_map(fn(Placement $picture): string => $picture->file, $product->pictures([3, 1])))
        ->toBe(['moss.jpg', 'guide.jpg'])
        ->and(fn() => $product->pictures([1, 9]))
        ->toThrow(Refusal::class, 'no longer in this product')
        ->and(fn() => $product->axis(9))
        ->toThrow(Refusal::class, 'no longer on the product')
        ->and($product->isLinked($product->state->pictures[3]))
        ->toBeFalse()
        ->and($product->isLinked($product->state->pictures[0]))
        ->toBeTrue()
        ->and($product->said(DetailKind::Origin, $product->state->skus[0]))
        ->toBe('')
        ->and($product->hasChosenOpening())
        ->toBeFalse();
});

it('sets another product up like itself: cells and labels, but no number, no picture, no cloth', function (
    int $seed,
): void {
    $state = randomProduct($seed)->state;
    $setup = $state->asSetupOf($state->details->with(['ownSwatches' => [], 'name' => 'Other']));
    expect($setup->pictures)
        ->toBe([])
        ->and($setup->matrix->axes)
        ->toEqual($state->matrix->axes)
        ->and($setup->matrix->sleeping)
        ->toBe([])
        ->and(
            array_filter(
                $setup->skus,
                fn(Sku $sku): bool => $sku->state !== SkuState::Made ||
                    $sku->code !== '' ||
                    $sku->stock !== null ||
                    $sku->price !== null ||
                    $sku->gtin !== null,
            ),
        )
        ->toBe([])
        ->and(count($setup->skus))
        ->toBe(count(array_filter($state->skus, fn(Sku $sku): bool => $sku->isMade())));
})->with(range(1, 10));

it('lets a picture have a role, lose it, be told and be cropped, and stays what it was', function (): void {
    $picture = Samples::product()->state->pictures[0];
    expect($picture->having(Role::Card, true)->roles)
        ->toBe([Role::Lead, Role::Card])
        ->and($picture->having(Role::Lead, false)->roles)
        ->toBe([])
        ->and($picture->told('x')->untold())
        ->toEqual($picture)
        ->and($picture->replacedBy(9, 'n.jpg')->reach)
        ->toEqual($picture->reach)
        ->and($picture->reaching(Reach::everything(), Reach::nothing())->photoId)
        ->toBe($picture->photoId);
});

it('says how far a product has come, and what there is of it', function (): void {
    $product = Samples::product();
    $stock = function (?int ...$units): StockState {
        $counted = Samples::product(
            fn(ProductState $state): ProductState => $state->withSkus(
                array_map(
                    fn(Sku $sku, int $at): Sku => $sku->counted($units[$at]),
                    $state->skus,
                    array_keys($state->skus),
                ),
            ),
        );

        return StockState::of(new StockCount($counted->made, $counted->book), count($counted->made));
    };
    $empty = new Product(new ProductState($product->state->details, $product->matrix));
    $lacking = new Product($product->state->withPictures([]), $product->library);
    expect(Completeness::of($product))
        ->toBe(Completeness::Complete)
        ->and(Completeness::of($lacking))
        ->toBe(Completeness::Lacking)
        ->and(Completeness::of($empty))
        ->toBe(Completeness::Unbuilt)
        ->and(Completeness::of(new Product($product->state)))
        ->toBe(Completeness::Complete)
        ->and($stock(1, 2, 3, 4))
        ->toBe(StockState::InStock)
        ->and($stock(1, 0, 3, 4))
        ->toBe(StockState::Partly)
        ->and($stock(0, 0, 0, 0))
        ->toBe(StockState::SoldOut)
        ->and($stock(null, null, null, null))
        ->toBe(StockState::NotCounted)
        ->and(StockState::of(new StockCount([], $empty->book), 0))
        ->toBe(StockState::Nothing);
});
