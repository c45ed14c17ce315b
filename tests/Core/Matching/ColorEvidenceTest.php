<?php

declare(strict_types=1);

use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\PictureColors;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Contradiction;
use Core\Matching\DropReader;
use Core\Matching\Fingerprints\Resembled;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\ViewWords;
use Core\Matching\Names\WordList;
use Core\Matching\SeenPicture;
use Core\Matching\Verdict;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Tests\Core\Color\DrawnCloth;

const SWATCHES = [11 => '#5f7049', 12 => '#b4694a', 13 => '#4a5a6f', 14 => '#d9c9a3'];

/** A smock in Moss, Clay, Slate and Oat, and what a file says of it whose picture shows this cloth. */
function seen(string $file, ?PictureColors $colors, ?Resembled $resembles = null): Verdict
{
    $list = new WordList();
    ViewWords::addTo($list, Views::usual());
    $values = [
        new Value(11, 'Moss', 'MSS'),
        new Value(12, 'Clay', 'CLY'),
        new Value(13, 'Slate', 'SLT'),
        new Value(14, 'Oat', 'OAT'),
    ];
    foreach ($values as $value) {
        $list->add($value->label, Meaning::value(1, $value->id, $value->label));
    }
    $smock = new KnownProduct(
        1,
        'TB-SMOCK',
        'Potting smock',
        Matrix::of([new Axis(1, 'Color', AxisKind::Color, $values, true)]),
        array_map(fn(string $hex): Swatch => Swatch::read($hex), SWATCHES),
    );
    $list->addProduct($smock);
    $list->add('TB-SMOCK', Meaning::product(1, 'TB-SMOCK'));

    return (new DropReader($list))->read(
        ['a' => new DroppedName($file)],
        null,
        $colors === null ? [] : ['a' => new SeenPicture($colors, $resembles)],
    )['a'];
}

function cloth(string $hex, ?string $trim = null): PictureColors
{
    return (new ColorMeter())->measure(
        (new DrawnCloth(17))->on(
            new Srgb(247, 247, 245),
            Srgb::fromHex($hex),
            trim: $trim === null ? null : Srgb::fromHex($trim),
        ),
    );
}

it('says so when name and picture contradict each other, and is not sure then', function () {
    $verdict = seen('TB-SMOCK_clay_front.jpg', cloth('#5f7049'));
    expect($verdict->confidence)
        ->toBe(0.5)
        ->and($verdict->doubtWords())
        ->toBe(['The name says Clay, the picture looks Moss.'])
        ->and($verdict->contradiction)
        ->toEqual(new Contradiction(1, 12, 11))
        ->and($verdict->reach?->key())
        ->toBe(seen('TB-SMOCK_clay_front.jpg', null)->reach?->key());
});

it('is as sure as by the name alone where the picture agrees', function (int $valueId, string $word) {
    $verdict = seen("TB-SMOCK_{$word}_front.jpg", cloth(SWATCHES[$valueId]));
    expect($verdict->isSure())
        ->toBeTrue()
        ->and($verdict->doubtWords())
        ->toBe([])
        ->and($verdict->contradiction)
        ->toBeNull();
})->with([[11, 'moss'], [12, 'clay'], [13, 'slate'], [14, 'oat']]);

it('tells by the color alone what the name does not say, at most 0.70', function () {
    $verdict = seen('TB-SMOCK_front.jpg', cloth('#4a5a6f'));
    expect($verdict->confidence)
        ->toBeGreaterThan(0.5)
        ->toBeLessThanOrEqual(0.7)
        ->and($verdict->view)
        ->toBe(View::usual('front'))
        ->and($verdict->reach?->clauses[0]->allows(1, 13))
        ->toBeTrue()
        ->and($verdict->reach?->clauses[0]->allows(1, 11))
        ->toBeFalse()
        ->and($verdict->reasons)
        ->toContain('The name says no Color; the picture looks Slate.');
});

it('is the less sure by color, the nearer the next swatch is', function () {
    $between = seen('TB-SMOCK_front.jpg', cloth('#566157'));
    expect($between->confidence)->toBeLessThan(seen('TB-SMOCK_front.jpg', cloth('#5f7049'))->confidence);
});

it('says nothing by a color that is none of the product’s, by trim, or by white on white', function (
    PictureColors $colors,
) {
    $verdict = seen('TB-SMOCK_clay_back.jpg', $colors);
    expect($verdict->isSure())->toBeTrue()->and($verdict->contradiction)->toBeNull();
})->with([
    'leather' => fn() => cloth('#8a3557'),
    'a band of its color' => fn() => cloth('#b4694a', '#5f7049'),
    'white on white' => fn() => cloth('#f5f5f3'),
]);

it('leaves a picture of the whole product alone', function () {
    expect(seen('TB-SMOCK_size guide.jpg', cloth('#5f7049'))->reach?->isEverything())->toBeTrue();
});

it(
    'reads a name that says nothing by the picture of a product that it is nearly the same as, and is not sure then',
    function () {
        $clay = Reach::of(Clause::of([1 => [12]]));
        $old = new Resembled(1, $clay, View::usual('back'), 'clay back.jpg');
        $verdict = seen('IMG_2041.jpg', cloth('#b4694a'), $old);
        expect($verdict->productId)
            ->toBe(1)
            ->and($verdict->reach?->key())
            ->toBe($clay->key())
            ->and($verdict->view)
            ->toBe(View::usual('back'))
            ->and($verdict->confidence)
            ->toBe(0.7)
            ->and($verdict->reasons)
            ->toBe(['It is nearly the same picture as clay back.jpg, of Potting smock.'])
            // What the name says counts for more.
            ->and(seen('TB-SMOCK_moss_front.jpg', cloth('#5f7049'), $old)->reach?->key())
            ->toBe(Reach::of(Clause::of([1 => [11]]))->key())
            ->and(seen('TB-SMOCK_moss_front.jpg', cloth('#5f7049'), $old)->view)
            ->toBe(View::usual('front'))
            ->and(seen('TB-SMOCK_front.jpg', cloth('#b4694a'), $old)->confidence)
            ->toBe(0.7)
            ->and(
                seen('TB-SMOCK_front.jpg', cloth('#b4694a'), new Resembled(9, $clay, null, 'else.jpg'))->reach?->key(),
            )
            ->toBe($clay->key());
    },
);
