<?php

declare(strict_types=1);

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\UnreadableColor;
use Tests\Core\Color\Samples;

require_once __DIR__ . '/../tools.php';

/*
 * Source: G. Sharma, W. Wu, E. N. Dalal, The CIEDE2000 Color-Difference Formula: Implementation Notes, Supplementary
 * Test Data, and Mathematical Observations, Color Research and Application 30 (2005), table 1: the 34 published pairs.
 */
it('gives the published difference of each published pair', function (
    array $one,
    array $other,
    float $difference,
): void {
    [$a, $b] = [new Lab(...$one), new Lab(...$other)];
    expect(round(ColorDifference::ciede2000($a, $b), 4))
        ->toBe($difference)
        ->and(round(ColorDifference::ciede2000($b, $a), 4))
        ->toBe($difference);
})->with([
    [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425],
    [[50.0, 3.1571, -77.2803], [50.0, 0.0, -82.7485], 2.8615],
    [[50.0, 2.8361, -74.02], [50.0, 0.0, -82.7485], 3.4412],
    [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, -1.1848, -84.8006], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, -0.9009, -85.5211], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669],
    [[50.0, -1.0, 2.0], [50.0, 0.0, 0.0], 2.3669],
    [[50.0, 2.49, -0.001], [50.0, -2.49, 0.0009], 7.1792],
    [[50.0, 2.49, -0.001], [50.0, -2.49, 0.001], 7.1792],
    [[50.0, 2.49, -0.001], [50.0, -2.49, 0.0011], 7.2195],
    [[50.0, 2.49, -0.001], [50.0, -2.49, 0.0012], 7.2195],
    [[50.0, -0.001, 2.49], [50.0, 0.0009, -2.49], 4.8045],
    [[50.0, -0.001, 2.49], [50.0, 0.001, -2.49], 4.8045],
    [[50.0, -0.001, 2.49], [50.0, 0.0011, -2.49], 4.7461],
    [[50.0, 2.5, 0.0], [50.0, 0.0, -2.5], 4.3065],
    [[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492],
    [[50.0, 2.5, 0.0], [61.0, -5.0, 29.0], 22.8977],
    [[50.0, 2.5, 0.0], [56.0, -27.0, -3.0], 31.903],
    [[50.0, 2.5, 0.0], [58.0, 24.0, 15.0], 19.4535],
    [[50.0, 2.5, 0.0], [50.0, 3.1736, 0.5854], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 3.2972, 0.0], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 1.8634, 0.5757], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 3.2592, 0.335], 1.0],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.263],
    [[61.2901, 3.7196, -5.3901], [61.4292, 2.248, -4.962], 1.8731],
    [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645],
    [[22.7233, 20.0904, -46.694], [23.0331, 14.973, -42.5619], 2.0373],
    [[36.4612, 47.858, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146],
    [[90.8027, -2.0831, 1.441], [91.1528, -1.6435, 0.0447], 1.4441],
    [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381],
    [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377],
    [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
]);

// Source: the library culori, on random colors.
it('agrees with another library on Lab, difference and luminance of random colors', function (): void {
    $random = Samples::random(12);
    $hex = fn(): string => sprintf('#%06x', $random->getInt(0, 0xffffff));
    $pairs = [['#000000', '#ffffff'], ['#808080', '#808080'], ['#ffffff', '#fffffe']];
    for ($at = 0; $at < 3_000; $at++) {
        $pairs[] = [$hex(), $hex()];
    }
    foreach (outside(['node', __DIR__ . '/../tools/colors.mjs'], $pairs) as $at => $theirs) {
        [$one, $other] = [Srgb::fromHex($pairs[$at][0]), Srgb::fromHex($pairs[$at][1])];
        $lab = Lab::of($one);
        expect(abs($lab->lightness - $theirs['lab'][0]))
            ->toBeLessThan(0.05)
            ->and(abs($lab->a - $theirs['lab'][1]))
            ->toBeLessThan(0.05)
            ->and(abs($lab->b - $theirs['lab'][2]))
            ->toBeLessThan(0.05)
            ->and(abs(ColorDifference::ciede2000($lab, Lab::of($other)) - $theirs['difference']))
            ->toBeLessThan(0.05)
            ->and(abs($one->luminance() - $theirs['luminance']))
            ->toBeLessThan(0.001);
    }
});

it('turns a color into Lab and back into the same', function (): void {
    $random = Samples::random(13);
    for ($at = 0; $at < 2_000; $at++) {
        $color = Srgb::packed($random->getInt(0, 0xffffff));
        expect(Lab::of($color)->toSrgb()->hex())->toBe($color->hex());
    }
});

it('reads hex colors, and refuses what is none', function (): void {
    expect(Srgb::fromHex('#abc')->hex())
        ->toBe('#aabbcc')
        ->and(Srgb::fromHex(' 5F7049 ')->hex())
        ->toBe('#5f7049');
    foreach (['', '#12', '#12345g', 'moss'] as $typed) {
        expect(fn() => Srgb::fromHex($typed))->toThrow(UnreadableColor::class, 'is not a color');
    }
    expect(fn() => new Srgb(0, 256, 0))->toThrow(UnreadableColor::class, 'from 0 to 255');
});
