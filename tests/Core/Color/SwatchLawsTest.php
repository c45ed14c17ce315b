<?php

declare(strict_types=1);

use Core\Checks\AxisColors;
use Core\Color\ColorDifference;
use Core\Color\Contrast;
use Core\Color\Deficiency;
use Core\Color\Lab;
use Core\Color\Measuring\ColorGroups;
use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\Sample;
use Core\Color\Oklch;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Color\Swatches\SwatchPiece;
use Core\Color\Swatches\Tile;
use Core\Gallery\ClothPiece;
use Core\Gallery\Shape;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Product\OwnAxis;
use Random\Randomizer;
use Tests\Core\Color\Samples;

/*
 * What holds of swatches and colors whatever they are.
 */

function anyColor(Randomizer $random): Srgb
{
    return Srgb::packed($random->getInt(0, 0xffffff));
}

function anySwatch(Randomizer $random): Swatch
{
    $swatch = Swatch::of(...array_map(fn(): Srgb => anyColor($random), range(1, $random->getInt(1, 3))));

    return match ($random->getInt(0, 2)) {
        0 => $swatch,
        1 => $swatch->inTile(Tile::cases()[$random->getInt(0, count(Tile::cases()) - 1)]),
        default => $swatch->cutFrom(
            new SwatchPiece($random->getInt(1, 9_999), $random->getInt(0, 1) === 0 ? '' : '500-500-400-400-200-200'),
        ),
    };
}

it('reads every swatch back as the same, within what is stored, and is called by its first color', function () {
    $random = Samples::random(71);
    for ($time = 0; $time < 500; $time++) {
        $swatch = anySwatch($random);
        $called = anyColor($random);
        expect(Swatch::read($swatch->text())->equals($swatch))
            ->toBeTrue()
            ->and(strlen($swatch->text()))
            ->toBeLessThanOrEqual(100)
            ->and($swatch->called($called)->main()->hex())
            ->toBe($called->hex())
            ->and($swatch->called($called)->kind())
            ->toBe($swatch->kind())
            ->and($swatch->drawn()->piece)
            ->toBeNull()
            ->and($swatch->drawn()->hex())
            ->toBe($swatch->hex())
            ->and(
                array_slice(
                    array_map(fn(Srgb $color): string => $color->hex(), $swatch->shades()),
                    0,
                    count($swatch->colors),
                ),
            )
            ->toBe(explode('/', $swatch->hex()));
    }
});

it('serves shoppers who see pictures only with what is one', function () {
    $random = Samples::random(72);
    for ($time = 0; $time < 200; $time++) {
        $swatch = anySwatch($random);
        expect(AxisDisplay::PictureSwatches->isServedBy($swatch))
            ->toBe($swatch->isPicture())
            ->and(AxisDisplay::ColorSwatches->isServedBy($swatch))
            ->toBeTrue();
    }
    foreach (AxisDisplay::cases() as $display) {
        expect($display->isServedBy(null))->toBe(!$display->hasSwatches());
    }
});

it(
    'finds no distance from a picture to a swatch of its own colors, and more where it shows what the swatch has not',
    function () {
        $random = Samples::random(73);
        for ($time = 0; $time < 300; $time++) {
            [$main, $further, $foreign] = [anyColor($random), anyColor($random), anyColor($random)];
            $swatch = Swatch::of($main, $further);
            $own = [new ColorShare($main, 0.7), new ColorShare($further, 0.3)];
            expect(SwatchDistance::fromPicture($own, $swatch))
                ->toBe(0.0)
                ->and(SwatchDistance::fromPicture([...$own, new ColorShare($foreign, 0.2)], $swatch))
                ->toBeGreaterThanOrEqual(0.0)
                ->and(SwatchDistance::ofColor($further, $swatch))
                ->toBe(0.0)
                // A seam says nothing.
                ->and(SwatchDistance::fromPicture([...$own, new ColorShare($foreign, 0.01)], $swatch))
                ->toBe(0.0);
        }
    },
);

it('writes on any color in an ink that is read', function () {
    $random = Samples::random(74);
    for ($time = 0; $time < 500; $time++) {
        $ground = anyColor($random);
        $ink = Contrast::textOn([$ground]);
        expect(Contrast::ratio($ink, $ground))
            ->toBeGreaterThanOrEqual(Contrast::TEXT)
            ->and(Contrast::least($ink, [$ground, $ground]))
            ->toBe(Contrast::ratio($ink, $ground));
    }
});

it('leaves grays as they are, whoever looks, and says of white that it is white', function () {
    for ($level = 0; $level <= 255; $level += 15) {
        foreach (Deficiency::cases() as $deficiency) {
            $seen = $deficiency->seen(new Srgb($level, $level, $level));
            expect(
                max(abs($seen->red - $level), abs($seen->green - $level), abs($seen->blue - $level)),
            )->toBeLessThanOrEqual(1);
        }
    }
    $white = Lab::underD50(100, 0, 0);
    expect($white->distance(new Lab(100, 0, 0)))
        ->toBeLessThan(0.02)
        ->and($white->toSrgb()->hex())
        ->toBe('#ffffff')
        ->and((new Oklch(1.0, 0.0, 0.0))->toSrgb()->hex())
        ->toBe('#ffffff')
        ->and((new Oklch(0.0, 0.0, 90.0))->toSrgb()->hex())
        ->toBe('#000000');
});

it('keeps hue and lightness where a color is too colorful for a screen', function () {
    foreach (range(0, 350, 10) as $hue) {
        $shown = (new Oklch(0.6, 0.4, (float) $hue))->toSrgb();
        $gray = (new Oklch(0.6, 0.0, (float) $hue))->toSrgb();
        expect(Lab::of($shown)->chroma())
            ->toBeGreaterThan(15.0)
            // Lightness of Oklab is not that of Lab; it stays near all the same.
            ->and(abs(Lab::of($shown)->lightness - Lab::of($gray)->lightness))
            ->toBeLessThan(12.0);
    }
});

it('parts pixels into groups that are all of them together', function () {
    $random = Samples::random(75);
    for ($time = 0; $time < 40; $time++) {
        $palette = array_map(fn(): Srgb => anyColor($random), range(1, $random->getInt(1, 5)));
        $labs = array_map(
            fn(): Lab => Lab::of($palette[$random->getInt(0, count($palette) - 1)]),
            range(1, $random->getInt(1, 900)),
        );
        $groups = ColorGroups::of($labs);
        expect(array_sum(array_map(fn($group): int => $group->count(), $groups)))->toBe(count($labs));
        $counts = array_map(fn($group): int => $group->count(), $groups);
        $sorted = $counts;
        rsort($sorted);
        expect($counts)->toBe($sorted);
        foreach ($groups as $group) {
            expect($group->darker() + $group->brighter())
                ->toBeLessThan($group->count())
                ->and(
                    min(
                        array_map(
                            fn(Srgb $color): float => ColorDifference::ciede2000(Lab::of($color), $group->color()),
                            $palette,
                        ),
                    ),
                )
                ->toBeLessThan(30.0);
        }
    }
});

it('evens nothing out of a plain picture, and keeps edges', function () {
    $plain = new Sample(4, 4, array_fill(0, 16, 0x5f7049));
    $lab = Lab::of(Srgb::fromHex('#5f7049'));
    foreach ($plain->evened(array_fill(0, 16, $lab)) as $evened) {
        expect($evened->distance($lab))->toBeLessThan(1e-9);
    }
    // Black beside white stays black and white.
    $edge = new Sample(2, 1, [0x000000, 0xffffff]);
    $evened = $edge->evened([Lab::of(Srgb::packed(0)), Lab::of(Srgb::packed(0xffffff))]);
    expect($evened[0]->lightness)->toBeLessThan(1.0)->and($evened[1]->lightness)->toBeGreaterThan(99.0);
});

it('cuts a piece that lies within its picture, whatever it shows', function () {
    $random = Samples::random(76);
    for ($time = 0; $time < 60; $time++) {
        [$width, $height] = [$random->getInt(1, 40), $random->getInt(1, 40)];
        $pixels = array_map(fn(): int => $random->getInt(0, 0xffffff), range(1, $width * $height));
        $crop = ClothPiece::in(new Sample($width, $height, $pixels), [anyColor($random)]);
        $cut = $crop->cut(Shape::Chip, 800, 600);
        expect($crop->left)
            ->toBeGreaterThanOrEqual(0)
            ->and($crop->left + $crop->width)
            ->toBeLessThanOrEqual(1_000)
            ->and($cut->left + $cut->width)
            ->toBeLessThanOrEqual(800)
            ->and($cut->top + $cut->height)
            ->toBeLessThanOrEqual(600)
            ->and(abs($cut->width - $cut->height))
            ->toBeLessThanOrEqual(1);
    }
});

it('names the nearest values as looking at each of them does', function () {
    $random = Samples::random(77);
    for ($time = 0; $time < 20; $time++) {
        $values = array_map(fn(int $id): Value => new Value($id, "Color {$id}"), range(1, 12));
        $swatches = array_combine(range(1, 12), array_map(fn(): Swatch => Swatch::of(anyColor($random)), range(1, 12)));
        $colors = new AxisColors(new Axis(1, 'Color', AxisKind::Color, $values), $swatches);
        $tried = Swatch::of(anyColor($random));
        $distances = array_map(fn(Swatch $swatch): float => SwatchDistance::between($tried, $swatch), $swatches);
        asort($distances);
        expect($colors->near($tried, 1)[0]->distance)
            ->toBe(array_values($distances)[0])
            ->and(array_map(fn($near): int => $near->valueId, $colors->near($tried, 12)))
            ->toBe(array_keys($distances))
            ->and($colors->nearest(1)?->valueId)
            ->not->toBe(1)
            ->and($colors->nearest(99))
            ->toBeNull();
    }
});

it('says in words what a product says of an axis itself', function () {
    expect((new OwnAxis())->isNone())
        ->toBeTrue()
        ->and((new OwnAxis())->inWords())
        ->toBe('')
        ->and((new OwnAxis(false))->inWords())
        ->toBe('pictures do not differ by it')
        ->and((new OwnAxis(true, AxisDisplay::List))->inWords())
        ->toBe('pictures differ by it, shoppers choose by a list');
});
