<?php

declare(strict_types=1);

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\UnreadableColor;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Core\Color\DrawnCloth;

/*
 * Held against pictures that were drawn with a color known beforehand.
 */

function measured(Sample $sample): PictureColors
{
    return (new ColorMeter())->measure($sample);
}

function apart(?Srgb $one, Srgb $other): float
{
    return $one === null ? INF : ColorDifference::ciede2000(Lab::of($one), Lab::of($other));
}

it('finds the color of cloth in folds, weave, fading light and shadow, over drawn colors', function (
    float $folds,
    float $weave,
    float $fade,
    float $most,
) {
    $random = new Randomizer(new Xoshiro256StarStar(41));
    $white = new Srgb(247, 247, 245);
    $worst = 0.0;
    for ($time = 0; $time < 60; $time++) {
        $cloth = Srgb::packed($random->getInt(0, 0xffffff));
        if (apart($cloth, $white) < 25) {
            continue;
        }
        $colors = measured((new DrawnCloth($time))->on($white, $cloth, $folds, $weave, $fade));
        expect($colors->doubt)->toBeNull()->and($colors->evenness)->toBeGreaterThan(0.95);
        $worst = max($worst, apart($colors->main(), $cloth));
    }
    expect($worst)->toBeLessThan($most);
})->with([
    'plain' => [0.0, 0.0, 0.0, 2.0],
    'folds' => [0.35, 0.03, 0.0, 6.0],
    'weave' => [0.0, 0.3, 0.0, 4.0],
    'fading light' => [0.0, 0.03, 0.5, 9.0],
    'all of it' => [0.3, 0.15, 0.2, 9.0],
]);

it('is not led away by a ground of another color, nor by a band of trim', function () {
    foreach (['#f6f6f4', '#cfd6dc', '#2a2a2c', '#7fae8a'] as $ground) {
        $colors = measured(
            (new DrawnCloth(7))->on(Srgb::fromHex($ground), Srgb::fromHex('#b4694a'), trim: Srgb::fromHex('#3a3d63')),
        );
        expect(apart($colors->main(), Srgb::fromHex('#b4694a')))
            ->toBeLessThan(7.0)
            ->and(apart($colors->background, Srgb::fromHex($ground)))
            ->toBeLessThan(3.0)
            ->and(count($colors->colors))
            ->toBeGreaterThan(1)
            ->and(apart($colors->colors[1]->color, Srgb::fromHex('#3a3d63')))
            ->toBeLessThan(12.0);
    }
});

it('keeps black and white apart, which are one gray in another light', function () {
    $colors = measured(
        (new DrawnCloth(3))->on(new Srgb(205, 214, 220), new Srgb(30, 30, 32), trim: new Srgb(244, 244, 244)),
    );
    expect(apart($colors->main(), new Srgb(30, 30, 32)))
        ->toBeLessThan(6.0)
        ->and($colors->colors[1]->color->luminance())
        ->toBeGreaterThan(0.6);
});

it('says that it cannot tell white on white, and that a restless ground is no ground', function () {
    $white = measured(
        (new DrawnCloth(5))->on(new Srgb(250, 250, 249), new Srgb(248, 248, 247), folds: 0.02, weave: 0.01),
    );
    expect($white->main())->toBeNull()->and($white->doubt)->toContain('cannot be told');

    $random = new Randomizer(new Xoshiro256StarStar(9));
    $restless = measured(new Sample(48, 48, array_map(fn(): int => $random->getInt(0, 0xffffff), range(1, 48 * 48))));
    expect($restless->doubt)
        ->toContain('cannot be told from its background')
        ->and($restless->evenness)
        ->toBeLessThan(0.6);
});

it('takes cloth that fills the picture for what it shows', function () {
    $colors = measured((new DrawnCloth(11))->on(Srgb::fromHex('#4a5a6f'), Srgb::fromHex('#4a5a6f'), folds: 0.2));
    expect(apart($colors->main(), Srgb::fromHex('#4a5a6f')))->toBeLessThan(4.0)->and($colors->filled)->toBe(1.0);
});

it('says the same of the same picture, and its shares never pass the whole', function () {
    $sample = (new DrawnCloth(13))->on(
        new Srgb(240, 240, 238),
        Srgb::fromHex('#5f7049'),
        0.3,
        0.1,
        0.1,
        Srgb::fromHex('#d8c27d'),
    );
    expect(measured($sample))
        ->toEqual(measured($sample))
        ->and(array_sum(array_map(fn($share): float => $share->share, measured($sample)->colors)))
        ->toBeLessThanOrEqual(1.0 + 1e-9);
});

it('measures a single pixel, and refuses a sample that is not as large as it says', function () {
    expect(measured(new Sample(1, 1, [0x5f7049]))->main()?->hex())->toBe('#5f7049');
    new Sample(2, 2, [1, 2, 3]);
})->throws(UnreadableColor::class);
