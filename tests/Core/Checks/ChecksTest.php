<?php

declare(strict_types=1);

use Core\Checks\AltTextCheck;
use Core\Checks\AxisColors;
use Core\Checks\Check;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Checks\Finding;
use Core\Checks\GalleryCheck;
use Core\Checks\Page;
use Core\Checks\Severity;
use Core\Checks\Source;
use Core\Checks\SwatchCheck;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Product\LibraryPart;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

it('has checks under keys of their own, each with a place and what it reads', function (): void {
    $keys = array_map(fn(Check $check): string => $check->key(), Checks::all());
    expect(array_unique($keys))->toBe($keys)->and(count($keys))->toBeGreaterThan(30);
    foreach (Checks::all() as $check) {
        expect(strlen($check->key()))
            ->toBeLessThanOrEqual(40)
            ->and($check->reads())
            ->toContain(Source::Product)
            ->and($check->place()->page)
            ->toBeInstanceOf(Page::class)
            ->and($check->severity())
            ->toBeInstanceOf(Severity::class);
    }
});

it('finds what stands in galleries, texts and colors in one way', function (): void {
    $product = Samples::product(
        fn(ProductState $state): ProductState => $state->withChangedPictures([
            $state->pictures[1]->told('Smock'),
            $state->pictures[2]->told(str_repeat('long ', 30)),
        ]),
    );
    $color = $product->matrix->axes[0];
    $swatches = [11 => Swatch::read('#5f7049'), 12 => Swatch::read('#5f7149')];
    $checked = new CheckedProduct($product, [new AxisColors($color, $swatches, [])]);
    $found = fn(Check $check): array => array_map(
        fn(Finding $finding): array => [$finding->message, $finding->count, $finding->placementId],
        $check->findings($checked),
    );
    expect($found(GalleryCheck::Unlinked))
        ->toBe([['1 picture is not linked yet', 1, null]])
        ->and($found(GalleryCheck::Missing))
        ->toBe([])
        ->and($found(AltTextCheck::Gap))
        ->toBe([['The text of clay.jpg: says only the product.', 1, 2]])
        ->and($found(AltTextCheck::Long))
        ->toBe([['The text of guide.jpg: longer than 125 characters.', 1, 3]])
        ->and(SwatchCheck::Alike->findings($checked)[0]->valueIds)
        ->toBe([11, 12])
        ->and(Checks::counts($checked))
        ->toMatchArray([
            'alt.gap' => 1,
            'alt.long' => 1,
            'picture.unlinked' => 1,
            'swatch.alike' => 1,
            'gtin.missing' => 4,
            'brand.missing' => 1,
        ])
        ->not->toHaveKey('price.missing');
});

it('counts views that are wanted and missing, and galleries in another sequence', function (): void {
    $product = Samples::product(
        fn(ProductState $state): ProductState => $state->withPictures([
            ...$state->pictures,
            new Placement(
                5,
                'b.jpg',
                Reach::fromArrays([[1 => [11]]]),
                Reach::nothing(),
                View::usual('back'),
                photoId: 105,
            ),
            new Placement(
                6,
                'c.jpg',
                Reach::fromArrays([[1 => [12]]]),
                Reach::nothing(),
                View::usual('worn'),
                photoId: 106,
            ),
        ]),
    );
    $back = ShotList::of([View::usual('front'), View::usual('back')], [View::usual('front'), View::usual('back')]);
    $checked = new CheckedProduct(new Product($product->state, new LibraryPart($back)));
    expect(GalleryCheck::Missing->findings($checked)[0]->message)
        ->toBe('1 wanted view is missing')
        ->and(GalleryCheck::OtherSequence->findings($checked)[0]->count)
        ->toBe(1);
});

it('counts the same as it finds, and puts what stops a release first', function (int $seed): void {
    $random = Samples::random($seed);
    $checked = new CheckedProduct(new Product((new RandomProduct($random, RandomProduct::library($random)))->state()));
    $findings = Checks::findings($checked, Checks::all());
    $counts = [];
    $ranks = [];
    foreach ($findings as $finding) {
        $counts[$finding->check->key()] = ($counts[$finding->check->key()] ?? 0) + $finding->count;
        $ranks[] = array_search($finding->check->severity(), Severity::cases(), true);
    }
    $sorted = $ranks;
    sort($sorted);
    expect(Checks::counts($checked))->toEqual($counts)->and($ranks)->toBe($sorted);
})->with(range(1, 25));
