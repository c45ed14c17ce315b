<?php

declare(strict_types=1);

use Core\Color\Sample;
use Core\Matching\Resemblance;
use Core\Matching\UnreadableFingerprint;
use Tests\Core\Samples;

/**
 * A picture of 32 × 32 of drawn goods on white: some ellipses in shades of a color.
 *
 * @param  array{float, float, float, float}  $window  left, top, width and height of what is seen of it, as parts
 */
function goods(int $seed, int $color, array $window = [0.0, 0.0, 1.0, 1.0], int $noise = 0): Sample
{
    $random = Samples::random($seed);
    $shapes = array_map(fn (): array => array_map(fn (int $at): float => $random->getInt(20, 80) / 100 * ($at > 1 ? 0.4 : 1), range(0, 3)), range(1, 4));
    $shades = array_map(fn (): float => $random->getInt(60, 100) / 100, $shapes);
    $noisy = Samples::random($seed + 1);
    $shadeAt = function (float $x, float $y) use ($shapes, $shades): ?float {
        $shade = null;
        foreach ($shapes as $number => [$left, $top, $wide, $high]) {
            $shade = (($x - $left) / $wide) ** 2 + (($y - $top) / $high) ** 2 < 1 ? $shades[$number] : $shade;
        }

        return $shade;
    };
    $pixels = [];
    for ($at = 0; $at < 1024; $at++) {
        $sums = [0.0, 0.0, 0.0];
        // Each pixel is the mean of nine places in it, as a picture that was made small is.
        for ($part = 0; $part < 9; $part++) {
            $shade = $shadeAt($window[0] + $window[2] * ($at % 32 + ($part % 3 + 0.5) / 3) / 32, $window[1] + $window[3] * (intdiv($at, 32) + (intdiv($part, 3) + 0.5) / 3) / 32);
            foreach ([16, 8, 0] as $band => $shift) {
                $sums[$band] += ($shade === null ? 246 : $shade * ($color >> $shift & 255)) / 9;
            }
        }
        $pixels[] = array_reduce($sums, fn (int $bits, float $light): int => $bits << 8 | max(0, min(255, (int) $light + ($noise > 0 ? $noisy->getInt(-$noise, $noise) : 0))), 0);
    }

    return new Sample(32, 32, $pixels);
}

function unlike(Sample $one, Sample $other): float
{
    return Resemblance::of($one)->difference(Resemblance::of($other));
}

it('knows a picture again that was saved anew or cut a little, whichever of the two is the cut one', function (): void {
    $different = [];
    foreach (range(1, 40) as $seed) {
        $whole = goods($seed, 0xB5694A);
        $cut = goods($seed, 0xB5694A, [0.02, 0.03, 0.95, 0.94], 3);
        expect(unlike($whole, goods($seed, 0xB5694A, noise: 5)))->toBeLessThanOrEqual(Resemblance::SAME)
            ->and(unlike($whole, $cut))->toBeLessThanOrEqual(Resemblance::SAME)
            ->and(unlike($cut, $whole))->toBe(unlike($whole, $cut))
            ->and(unlike($whole, $whole))->toBeLessThan(0.01);
        foreach (Resemblance::of($cut)->mean() as $part => $mean) {
            expect(abs($mean - Resemblance::of($whole)->mean()[$part]))->toBeLessThan(Resemblance::MOST_OF_MEANS);
        }
        $different[] = unlike($whole, goods($seed + 100, 0xB5694A));
        // The same goods in another color.
        expect(unlike($whole, goods($seed, 0x4C5D73)))->toBeGreaterThan(Resemblance::SAME);
    }
    expect(min($different))->toBeGreaterThan(Resemblance::SAME);
});

it('is asked of pictures pressed into 32 × 32', function (): void {
    expect(fn () => Resemblance::of(new Sample(2, 1, [0, 0])))->toThrow(UnreadableFingerprint::class);
});
