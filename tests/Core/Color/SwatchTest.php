<?php

declare(strict_types=1);

use Core\Color\ColorOrder;
use Core\Color\Measuring\Eyedropper;
use Core\Color\Measuring\Sample;
use Core\Color\Names\ColorNames;
use Core\Color\Names\NamedColor;
use Core\Color\Names\NamedColors;
use Core\Color\Names\NearColor;
use Core\Color\Names\TypedColor;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Color\Swatches\SwatchKind;
use Core\Color\Swatches\SwatchPiece;
use Core\Color\Swatches\Tile;
use Core\Color\UnreadableColor;
use Tests\Core\Color\Samples;

/** @return list<Srgb> */
function colors(string ...$hex): array
{
    return array_map(Srgb::fromHex(...), array_values($hex));
}

it('is stored as text and read back as the same', function (string $text, SwatchKind $kind) {
    $swatch = Swatch::read($text);
    expect($swatch->text())
        ->toBe($text)
        ->and($swatch->kind())
        ->toBe($kind)
        ->and($swatch->isPicture())
        ->toBe($kind !== SwatchKind::Colors)
        ->and(Swatch::read($swatch->text())->equals($swatch))
        ->toBeTrue();
})->with([
    ['#5f7049', SwatchKind::Colors],
    ['#5f7049/#d9c9a3/#b4694a', SwatchKind::Colors],
    ['stripes:#5f7049/#d9c9a3', SwatchKind::Pattern],
    ['plaid:#5f7049/#d9c9a3/#b4694a', SwatchKind::Pattern],
    ['photo:12::#5f7049', SwatchKind::Piece],
    ['photo:7:500-500-400-400-200-200:#5f7049/#d9c9a3', SwatchKind::Piece],
]);

it('refuses what is no swatch', function (string $text) {
    expect(fn() => Swatch::read($text))->toThrow(UnreadableColor::class, 'is not a swatch');
})->with([
    '',
    '#5f704',
    '5f7049',
    '#5f7049/',
    '#111111/#222222/#333333/#444444',
    'waves:#111111',
    'photo:#111111',
    'photo:0::#111111',
    'photo:12:1-2:#111111',
    "#5f7049\n",
    'photo:99999999999999999999::#111111',
]);

it('has one to three colors', function () {
    expect(fn() => Swatch::of())
        ->toThrow(UnreadableColor::class, 'not 0')
        ->and(fn() => Swatch::of(...colors('#111111', '#222222', '#333333', '#444444')))
        ->toThrow(UnreadableColor::class, 'not 4');
});

it('gives a tile as many colors as it has', function () {
    $two = Swatch::of(...colors('#111111', '#eeeeee'));
    expect($two->inTile(Tile::Plaid)->hex())
        ->toBe('#111111/#eeeeee/#eeeeee')
        ->and($two->inTile(Tile::Dots)->hex())
        ->toBe('#111111/#eeeeee')
        ->and(Swatch::of(...colors('#111111', '#eeeeee', '#ff0000'))->inTile(Tile::Dots)->hex())
        ->toBe('#111111/#eeeeee');
    foreach (Tile::cases() as $tile) {
        foreach ($tile->figures() as $figure) {
            expect($figure->color)
                ->toBeGreaterThan(0)
                ->toBeLessThan($tile->colors())
                ->and($figure->path)
                ->toMatch('/^M[-\d.MhHvVlLaAzZ ]+$/');
        }
    }
});

it('says what it is in words', function () {
    expect(Swatch::read('#111111')->inWords())
        ->toBe('#111111')
        ->and(Swatch::read('#111111/#222222/#333333')->inWords())
        ->toBe('#111111, #222222 and #333333')
        ->and(Swatch::read('dots:#111111/#222222')->inWords())
        ->toBe('dots of #111111 and #222222')
        ->and(Swatch::of(...colors('#111111'))->cutFrom(new SwatchPiece(3))->inWords())
        ->toBe('a piece of a picture, #111111');
});

it('needs an outline where it is hard to see on its ground', function () {
    $white = new Srgb(255, 255, 255);
    expect(Swatch::read('#f6f5f1')->needsOutline($white))
        ->toBeTrue()
        ->and(Swatch::read('#24304f')->needsOutline($white))
        ->toBeFalse()
        ->and(Swatch::read('#24304f')->needsOutline(new Srgb(20, 22, 30)))
        ->toBeTrue()
        // One pale half is enough.
        ->and(Swatch::read('#24304f/#f6f5f1')->needsOutline($white))
        ->toBeTrue();
});

it('measures the distance of swatches by all their colors, and tells drawings of the same colors apart', function () {
    $between = fn(string $one, string $other): float => SwatchDistance::between(
        Swatch::read($one),
        Swatch::read($other),
    );
    expect($between('#5f7049', '#5f7049'))
        ->toBe(0.0)
        ->and($between('#f6f5f1/#b3322f', '#f6f5f1/#3f63a3'))
        ->toBeGreaterThan(30.0)
        ->and($between('#f6f5f1/#b3322f', '#f6f5f1'))
        ->toBeGreaterThan(30.0)
        ->and($between('stripes:#f6f5f1/#b3322f', 'dots:#f6f5f1/#b3322f'))
        ->toBe(8.0)
        ->and($between('photo:1::#f6f5f1/#b3322f', 'photo:2::#f6f5f1/#b3322f'))
        ->toBe(8.0)
        // Two pieces of plain cloth of one color are alike.
        ->and($between('photo:1::#b3322f', 'photo:2::#b3322f'))
        ->toBe(0.0);
    $random = Samples::random(31);
    for ($time = 0; $time < 200; $time++) {
        $some = fn(): Swatch => Swatch::of(
            ...array_map(fn(): Srgb => Srgb::packed($random->getInt(0, 0xffffff)), range(1, $random->getInt(1, 3))),
        );
        [$one, $other] = [$some(), $some()];
        expect(SwatchDistance::between($one, $other))
            ->toEqualWithDelta(SwatchDistance::between($other, $one), 1e-9)
            ->and(SwatchDistance::between($one, $one))
            ->toBe(0.0);
    }
});

it('keeps compound colors together behind the plain one, by hue, lightness or name', function () {
    $names = [
        1 => 'Navy',
        2 => 'White with red print',
        3 => 'Moss',
        4 => 'White',
        5 => 'White with blue print',
        6 => 'Rust',
        7 => 'No swatch yet',
    ];
    $names = array_map(strtolower(...), $names);
    $swatches = [
        1 => Swatch::read('#24304f'),
        2 => Swatch::read('#f7f6f2/#b3322f'),
        3 => Swatch::read('#5f7049'),
        4 => Swatch::read('#f6f5f1'),
        5 => Swatch::read('#f6f5f1/#3f63a3'),
        6 => Swatch::read('#a3502f'),
        7 => null,
    ];
    expect(ColorOrder::Hue->sorted($swatches, $names))
        ->toBe([4, 2, 5, 6, 3, 1, 7])
        ->and(ColorOrder::Lightness->sorted($swatches, $names))
        ->toBe([4, 5, 2, 3, 6, 1, 7])
        ->and(ColorOrder::Name->sorted($swatches, $names))
        ->toBe([3, 1, 7, 6, 4, 5, 2]);
});

it('loses and doubles no value while sorting, and sorting again changes nothing', function () {
    $random = Samples::random(32);
    for ($time = 0; $time < 100; $time++) {
        $swatches = $names = [];
        for ($id = 1; $id <= $random->getInt(1, 12); $id++) {
            $swatches[$id] =
                $random->getInt(0, 9) === 0
                    ? null
                    : Swatch::of(
                        ...array_map(
                            fn(): Srgb => Srgb::packed(
                                $random->getInt(0, 3) === 0 ? 0xf6f5f1 : $random->getInt(0, 0xffffff),
                            ),
                            range(1, $random->getInt(1, 3)),
                        ),
                    );
            $names[$id] = "Color {$id}";
        }
        foreach (ColorOrder::cases() as $order) {
            $sorted = $order->sorted($swatches, $names);
            $again = [];
            foreach ($sorted as $id) {
                $again[$id] = $swatches[$id];
            }
            expect($order->sorted($again, $names))->toBe($sorted);
            sort($sorted);
            expect($sorted)->toBe(array_keys($swatches));
        }
    }
});

it('reads typed colors, and says what can be typed', function (string $typed, ?string $hex) {
    expect(TypedColor::find($typed)?->color->hex())->toBe($hex);
})->with([
    ['#5F7049', '#5f7049'],
    ['5f7049', '#5f7049'],
    ['#abc', '#aabbcc'],
    ['RebeccaPurple', '#663399'],
    [' darkslategrey ', '#2f4f4f'],
    ['lab(100 0 0)', '#ffffff'],
    ['lab(0% 0 0)', '#000000'],
    ['oklch(1 0 0)', '#ffffff'],
    ['OKLCH(0, 0, none)', '#000000'],
    ['moss', null],
    ['', null],
    ['#12345', null],
    ['lab(1 2)', null],
    ['lab(1 2 3 4)', null],
    ['rgb(1 2 3)', null],
    [str_repeat('a', 200), null],
]);

it('takes the nearest color that a screen shows, and says that it is not what was typed', function () {
    expect(TypedColor::read('oklch(0.7 0.35 145)')->isExact)
        ->toBeFalse()
        ->and(TypedColor::read('lab(50 120 -120)')->isExact)
        ->toBeFalse()
        ->and(TypedColor::read('oklch(0.52 0.06 125)')->isExact)
        ->toBeTrue();
    TypedColor::read('mossy');
})->throws(UnreadableColor::class, '“mossy” is not a color that is known');

it('proposes names for a color, the shop’s own first', function () {
    $moss = new NamedColor('Moss', Srgb::fromHex('#5f7049'), true);
    $names = new NamedColors([
        $moss,
        new NamedColor('Navy', Srgb::fromHex('#24304f'), true),
        new NamedColor('Moss', Srgb::fromHex('#009051')),
        new NamedColor('Fern Green', Srgb::fromHex('#4f7942')),
        new NamedColor('Woodland', Srgb::fromHex('#5f7048')),
    ]);
    expect(array_map(fn(NearColor $near): string => $near->named->name, $names->near(Srgb::fromHex('#5f7048'), 2)))
        ->toBe(['Moss', 'Woodland'])
        ->and($names->near(Srgb::fromHex('#5f7049'), 1)[0]->distance)
        ->toBe(0.0);
});

it('reads the colors of a compound name', function (string $name, array $hex) {
    expect(ColorNames::colors($name))->toBe($hex);
})->with([
    ['white with red print', ['#f6f5f1', '#b3322f']],
    ['navy/white', ['#24304f', '#f6f5f1']],
    ['red & white & navy', ['#b3322f', '#f6f5f1', '#24304f']],
    ['dark moss', ['#5f7049']],
    ['moss and slate and clay and rust', ['#5f7049', '#4a5a6f', '#b4694a']],
    ['white with dots', ['#f6f5f1']],
    ['gauntlet', []],
]);

it('takes the color of a patch where it is evenly lit, and says what it left out', function () {
    $patch = fn(array $runs): Sample => new Sample(
        20,
        20,
        array_merge(...array_map(fn(array $run): array => array_fill(0, $run[1], $run[0]), $runs)),
    );
    $plain = Eyedropper::take($patch([[0x5f7049, 400]]));
    expect($plain->color->hex())->toBe('#5f7049')->and($plain->leftOut())->toBe('');
    // Cloth in shadow, cloth that shines, and a button: each is of the cloth's color or of another.
    $lit = Eyedropper::take($patch([[0x5f7049, 240], [0x3a442c, 80], [0x8fa86f, 40], [0x1c1c1e, 40]]));
    expect($lit->color->hex())->toBe('#5f7049')->and($lit->leftOut())->toContain('shadow')->toContain('highlight');
    $two = Eyedropper::take($patch([[0x5f7049, 280], [0xb4694a, 120]]));
    expect($two->color->hex())
        ->toBe('#5f7049')
        ->and($two->leftOut())
        ->toContain('30 % other colors')
        ->and(Eyedropper::take(new Sample(1, 1, [0x123456]))->color->hex())
        ->toBe('#123456');
});
