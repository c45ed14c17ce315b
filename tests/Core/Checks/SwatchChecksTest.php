<?php

declare(strict_types=1);

use Core\Checks\AxisColors;
use Core\Checks\Finding;
use Core\Checks\SwatchCheck;
use Core\Checks\SwatchChecks;
use Core\Checks\SwatchLeads;
use Core\Checks\ValuePicture;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\ClothPiece;
use Core\Gallery\Placement;
use Core\Gallery\Shape;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\ProductState;
use Tests\Core\Color\DrawnCloth;
use Tests\Core\Color\Samples;

/**
 * @param  array<string, ?string>  $swatches  label => swatch as stored; value ids from 1
 * @param  list<array{int, array<string, float>}>  $pictures  value id, colors with their shares
 */
function axisColors(
    array $swatches,
    array $pictures = [],
    AxisDisplay $display = AxisDisplay::ColorSwatches,
): AxisColors {
    $values = array_map(
        fn(int $at, string $label): Value => new Value($at + 1, $label),
        array_keys(array_keys($swatches)),
        array_keys($swatches),
    );
    $read = [];
    foreach (array_values($swatches) as $at => $text) {
        $read += $text === null ? [] : [$at + 1 => Swatch::read($text)];
    }
    $seen = fn(array $shares): PictureColors => new PictureColors(
        new Srgb(250, 250, 250),
        0.99,
        0.4,
        array_map(
            fn(string $hex, float $share): ColorShare => new ColorShare(Srgb::fromHex($hex), $share),
            array_keys($shares),
            array_values($shares),
        ),
        null,
    );

    return new AxisColors(
        new Axis(1, 'Color', AxisKind::Color, $values, true, $display),
        $read,
        array_map(
            fn(int $at, array $picture): ValuePicture => new ValuePicture(
                $at + 1,
                'p' . ($at + 1) . '.jpg',
                $picture[0],
                $seen($picture[1]),
            ),
            array_keys($pictures),
            $pictures,
        ),
    );
}

/** @return list<string> */
function found(AxisColors $colors): array
{
    return array_map(
        fn(Finding $finding): string => "{$finding->check->key()} " . implode(',', $finding->valueIds),
        SwatchChecks::of($colors),
    );
}

it('misses swatches only where shoppers see swatches', function () {
    $swatches = ['Moss' => '#5f7049', 'Clay' => null];
    expect(found(axisColors($swatches)))
        ->toBe(['swatch.missing 2'])
        ->and(found(axisColors($swatches, [], AxisDisplay::PictureSwatches)))
        ->toBe(['swatch.missing 1', 'swatch.missing 2'])
        ->and(found(axisColors($swatches, [], AxisDisplay::List)))
        ->toBe([])
        ->and(found(axisColors($swatches, [], AxisDisplay::Buttons)))
        ->toBe([])
        ->and(
            found(
                axisColors(
                    ['Check' => 'checks:#5f7049/#d9c9a3', 'Piece' => 'photo:1::#b4694a'],
                    [],
                    AxisDisplay::PictureSwatches,
                ),
            ),
        )
        ->toBe([]);
});

it('finds colors that are too alike, and those that are so for some eyes only', function () {
    $findings = SwatchChecks::of(
        axisColors([
            'Ink' => '#24304f',
            'Navy' => '#25314f',
            'Red' => '#b3322f',
            'Moss' => '#74632f',
            'Straw' => '#e2c23f',
        ]),
    );
    $byCheck = [];
    foreach ($findings as $finding) {
        $byCheck[$finding->check->key()][] = $finding;
    }
    expect($byCheck['swatch.alike'])
        ->toHaveCount(1)
        ->and($byCheck['swatch.alike'][0]->valueIds)
        ->toBe([1, 2])
        ->and($byCheck['swatch.alike'][0]->distance)
        ->toBeLessThan(3.0)
        ->and($byCheck['swatch.alike'][0]->message)
        ->toBe('Ink and Navy can hardly be told apart.');
    // Red and a green that are one color without green cones.
    $alike = SwatchChecks::of(axisColors(['Rust' => '#9c5a3c', 'Fern' => '#707239', 'Sky' => '#8fb4d6']));
    expect(array_map(fn(Finding $finding): SwatchCheck => $finding->check, $alike))
        ->toContain(SwatchCheck::AlikeWithout)
        ->and($alike[0]->message)
        ->toContain('only their names tell them apart')
        ->toContain('cones');
});

it('skips no pair by its lightness that is too alike', function () {
    // Each against all by the distance itself.
    $swatches = [];
    for ($at = 0; $at < 60; $at++) {
        $swatches["Color {$at}"] = sprintf(
            '#%02x%02x%02x',
            90 + ($at % 9) * 3,
            100 + ($at % 7) * 3,
            80 + ($at % 5) * 3,
        );
    }
    $colors = axisColors($swatches);
    $pairs = array_map(
        fn(Finding $finding): string => implode(',', $finding->valueIds),
        array_filter(SwatchChecks::of($colors), fn(Finding $finding): bool => $finding->check === SwatchCheck::Alike),
    );
    $expected = [];
    foreach (range(1, 60) as $one) {
        for ($other = $one + 1; $other <= 60; $other++) {
            if (
                Core\Color\Swatches\SwatchDistance::between($colors->swatches[$one], $colors->swatches[$other]) <
                SwatchChecks::ALIKE
            ) {
                $expected[] = "{$one},{$other}";
            }
        }
    }
    expect(array_values($pairs))->toBe($expected)->and(count($expected))->toBeGreaterThan(50);
});

it('says which swatch is far from its pictures, and which picture looks like another color', function () {
    $colors = axisColors(
        ['Moss' => '#5f7049', 'Clay' => '#b4694a', 'Slate' => '#2f6f73'],
        [
            [1, ['#607148' => 0.9]],
            [1, ['#5c6d47' => 0.9]],
            [1, ['#b26748' => 0.95]],
            [2, ['#b56a4b' => 1.0]],
            [3, ['#4a5a6f' => 1.0]],
            [3, ['#4b5b70' => 1.0]],
            [3, ['#49596e' => 1.0]],
        ],
    );
    expect(found($colors))
        ->toBe(['picture.mislabeled 1,2', 'swatch.far 3'])
        ->and(SwatchChecks::of($colors)[0]->message)
        ->toBe('p3.jpg is linked to Moss and looks like Clay.')
        ->and(SwatchChecks::of($colors)[0]->placementId)
        ->toBe(3)
        ->and(SwatchChecks::of($colors)[1]->message)
        ->toBe('The swatch of Slate is not the color that its 3 pictures show.')
        // The pictures propose what they show, without the one that is of another color.
        ->and($colors->measured(1, [3])?->swatch->hex())
        ->toBeIn(['#607148', '#5c6d47'])
        ->and($colors->measured(3)?->swatch->hex())
        ->toBe('#4a5a6f')
        ->and($colors->measured(3)?->pictures)
        ->toBe(3)
        ->and(axisColors(['Moss' => '#5f7049'])->measured(1))
        ->toBeNull();
});

it('accuses no picture of leather, of a lining, or one that cannot be told', function () {
    $colors = axisColors(
        ['Moss' => '#5f7049', 'Straw' => '#d9c9a3'],
        [
            // The palm is straw-colored leather, the rest is moss.
            [1, ['#d8c8a2' => 0.7, '#5f7049' => 0.3]],
            [1, ['#8a3557' => 1.0]],
        ],
    );
    expect(found($colors))->not->toContain('picture.mislabeled 1,2');
    $doubted = new AxisColors($colors->axis, $colors->swatches, [
        new ValuePicture(
            1,
            'x.jpg',
            1,
            new PictureColors(
                new Srgb(9, 9, 9),
                1.0,
                1.0,
                [new ColorShare(Srgb::fromHex('#d9c9a3'), 1.0)],
                'It cannot be told.',
            ),
        ),
    ]);
    expect(found($doubted))->toBe([])->and($doubted->measured(1))->toBeNull();
});

it('tells two compounds of one white apart by what is printed on it', function () {
    $swatches = [
        'White' => '#f6f5f1',
        'White with red print' => '#f6f5f1/#b3322f',
        'White with blue print' => '#f6f5f1/#3f63a3',
    ];
    expect(
        found(
            axisColors($swatches, [
                [2, ['#f5f4f0' => 0.85, '#b23330' => 0.12]],
                [3, ['#f5f4f0' => 0.85, '#4064a2' => 0.12]],
            ]),
        ),
    )
        ->not->toContain('picture.mislabeled 2,3')
        ->and(found(axisColors($swatches, [[3, ['#f5f4f0' => 0.85, '#b23330' => 0.12]]])))
        ->toContain('picture.mislabeled 3,2')
        // From behind it is plain white: that accuses nobody.
        ->and(
            array_filter(
                found(axisColors($swatches, [[2, ['#f5f4f0' => 1.0]]])),
                fn(string $id): bool => str_starts_with($id, 'picture'),
            ),
        )
        ->toBe([])
        // What the pictures of a compound propose is a compound.
        ->and(
            axisColors($swatches, [[3, ['#f5f4f0' => 0.85, '#4064a2' => 0.12]]])
                ->measured(3)
                ?->swatch->hex(),
        )
        ->toBe('#f5f4f0/#4064a2');
});

it('says what is hardly seen on white, and what name is hardly read on its button', function () {
    expect(found(axisColors(['Chalk' => '#fbfaf8', 'Ink' => '#24304f'])))
        ->toBe(['swatch.hardly-seen 1'])
        ->and(found(axisColors(['White and black' => '#ffffff/#000000', 'Ink' => '#24304f'], [], AxisDisplay::Buttons)))
        ->toBe(['swatch.hardly-read 1']);
});

it('cuts a piece that is nothing but cloth', function (float $x, float $y) {
    // A disc of cloth somewhere on a white ground, with a dark band.
    $pixels = [];
    for ($at = 0; $at < 48 * 48; $at++) {
        $away = hypot(($at % 48) / 48 - $x, intdiv($at, 48) / 48 - $y);
        $pixels[] = $away > 0.3 ? 0xf7f7f5 : (abs(intdiv($at, 48) / 48 - $y) < 0.03 ? 0x202020 : 0xb4694a);
    }
    $crop = ClothPiece::in(new Sample(48, 48, $pixels), [Srgb::fromHex('#b4694a')]);
    $cut = $crop->cut(Shape::Square, 48, 48);
    $cloth = 0;
    for ($row = $cut->top; $row < $cut->top + $cut->height; $row++) {
        for ($column = $cut->left; $column < $cut->left + $cut->width; $column++) {
            $cloth += $pixels[48 * $row + $column] === 0xb4694a ? 1 : 0;
        }
    }
    expect($cloth / ($cut->width * $cut->height))
        ->toBeGreaterThan(0.9)
        ->and($cut->width)
        ->toBeGreaterThan(4);
})->with([[0.5, 0.5], [0.35, 0.6], [0.68, 0.36]]);

it('finds the cloth of a drawn photo, and something where there is none', function () {
    $sample = (new DrawnCloth(3))->on(
        Srgb::fromHex('#f7f7f5'),
        Srgb::fromHex('#5f7049'),
        trim: Srgb::fromHex('#24304f'),
    );
    $main = (new ColorMeter())->measure($sample)->main() ?? new Srgb(0, 0, 0);
    $crop = ClothPiece::in($sample, [$main]);
    expect($crop->width)
        ->toBeGreaterThan(100)
        ->and(ClothPiece::in($sample, [Srgb::fromHex('#ff00ff')])->width)
        ->toBeGreaterThan(0)
        ->and(ClothPiece::in(new Sample(1, 1, [0x5f7049]), [$main])->isMiddle())
        ->toBeTrue();
});

it('takes a swatch from the Lead that shows one value alone, and says of others why not', function (): void {
    $product = Samples::product();
    $color = $product->matrix->axes[0];
    $of = fn(array $accused = [], array $unread = []): SwatchLeads => SwatchLeads::of(
        $product,
        $color,
        $color->values,
        $accused,
        $unread,
    );
    expect(array_map(fn(Placement $lead): string => $lead->file, $of()->leads))
        ->toBe([11 => 'moss.jpg', 12 => 'clay.jpg'])
        ->and($of()->open)
        ->toBe([])
        ->and($of([1], [102 => true])->leads)
        ->toBe([])
        ->and($of([1], [102 => true])->open)
        ->toBe([
            11 => 'moss.jpg looks like another color than Moss.',
            12 => 'clay.jpg is not read yet. Try again in a moment.',
        ]);
    $having = fn(Placement ...$pictures): Product => Samples::product(
        fn(ProductState $state): ProductState => $state->withPictures(array_values($pictures)),
    );
    $shared = $having($product->state->pictures[2]);
    expect(SwatchLeads::of($shared, $color, $color->values, [], [])->open)->toBe([
        11 => 'Moss has no picture of its own: guide.jpg is of others too.',
        12 => 'Clay has no picture of its own: guide.jpg is of others too.',
    ]);
    $bare = $having();
    expect(SwatchLeads::of($bare, $color, $color->values, [], [])->open[11])->toBe('Moss has no picture yet.');
});
