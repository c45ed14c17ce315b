<?php

declare(strict_types=1);

use Core\Color\Measuring\Sample;
use Core\Matching\Fingerprints\Fingerprint;
use Core\Matching\Fingerprints\Resemblance;
use Core\Matching\Fingerprints\UnreadableFingerprint;
use Tests\Core\Color\Samples;

/**
 * A picture of 32 × 32 of drawn goods on white: some ellipses in shades of a color.
 *
 * @param  array{float, float, float, float}  $window  left, top, width and height of what is seen of it, as parts
 */
function goods(int $seed, int $color, array $window = [0.0, 0.0, 1.0, 1.0], int $noise = 0): Sample
{
    $random = Samples::random($seed);
    $shapes = array_map(
        fn(): array => array_map(
            fn(int $at): float => ($random->getInt(20, 80) / 100) * ($at > 1 ? 0.4 : 1),
            range(0, 3),
        ),
        range(1, 4),
    );
    $shades = array_map(fn(): float => $random->getInt(60, 100) / 100, $shapes);
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
            $shade = $shadeAt(
                $window[0] + ($window[2] * (($at % 32) + (($part % 3) + 0.5) / 3)) / 32,
                $window[1] + ($window[3] * (intdiv($at, 32) + (intdiv($part, 3) + 0.5) / 3)) / 32,
            );
            foreach ([16, 8, 0] as $band => $shift) {
                $sums[$band] += ($shade === null ? 246 : $shade * (($color >> $shift) & 255)) / 9;
            }
        }
        $pixels[] = array_reduce(
            $sums,
            fn(int $bits, float $light): int => ($bits << 8) |
                max(0, min(255, (int) $light + ($noise > 0 ? $noisy->getInt(-$noise, $noise) : 0))),
            0,
        );
    }

    return new Sample(32, 32, $pixels);
}

function unlike(Sample $one, Sample $other): float
{
    return Resemblance::of($one)->difference(Resemblance::of($other));
}

it('knows a picture again that was saved anew or cut a little, whichever of the two is the cut one', function (): void {
    $different = [];
    $known = 0;
    foreach (range(1, 40) as $seed) {
        $whole = goods($seed, 0xb5694a);
        $cut = goods($seed, 0xb5694a, [0.02, 0.03, 0.95, 0.94], 3);
        expect(unlike($whole, goods($seed, 0xb5694a, noise: 5)))
            ->toBeLessThanOrEqual(Resemblance::SAME)
            ->and(unlike($cut, $whole))
            ->toEqualWithDelta(unlike($whole, $cut), 1e-6)
            ->and(unlike($whole, $whole))
            ->toBeLessThan(0.01);
        foreach (Resemblance::of($cut)->mean() as $part => $mean) {
            expect(abs($mean - Resemblance::of($whole)->mean()[$part]))->toBeLessThan(
                Resemblance::MOST_OF_MEANS[$part],
            );
        }
        $known += unlike($whole, $cut) <= Resemblance::SAME ? 1 : 0;
        $different[] = unlike($whole, goods($seed + 100, 0xb5694a));
        // The same goods in another color.
        expect(unlike($whole, goods($seed, 0x4c5d73)))->toBeGreaterThan(Resemblance::SAME);
    }
    expect($known)->toBeGreaterThanOrEqual(39)->and(min($different))->toBeGreaterThan(Resemblance::SAME);
});

/** The same picture as somebody edited it. */
function inOtherLight(Sample $sample, float $red, float $green, float $blue): Sample
{
    $pixel = function (int $pixel) use ($red, $green, $blue): int {
        $channels = array_map(
            fn(int $channel, float $share): int => min(255, (int) round($channel * $share)),
            [$pixel >> 16, ($pixel >> 8) & 255, $pixel & 255],
            [$red, $green, $blue],
        );

        return ($channels[0] << 16) | ($channels[1] << 8) | $channels[2];
    };

    return new Sample($sample->width, $sample->height, array_map($pixel, $sample->pixels));
}

it('knows a picture again that was made lighter, darker, warmer or colder, mirrored, or cut by an eighth', function (
    string $way,
): void {
    $known = 0;
    foreach (range(1, 42) as $seed) {
        $whole = goods($seed, 0xb5694a);
        $other = match ($way) {
            'lighter' => inOtherLight($whole, 1.2, 1.2, 1.2),
            'darker' => inOtherLight($whole, 0.8, 0.8, 0.8),
            'warmer' => inOtherLight($whole, 1.06, 1.0, 0.88),
            'colder' => inOtherLight($whole, 0.92, 1.0, 1.05),
            'mirrored' => $whole->mirrored(),
            'cut all around' => goods($seed, 0xb5694a, [0.12, 0.12, 0.76, 0.76]),
            'cut on the left' => goods($seed, 0xb5694a, [0.12, 0.0, 0.88, 1.0]),
            default => goods($seed, 0xb5694a, [0.0, 0.0, 1.0, 0.88]),
        };
        $own = Resemblance::of($whole);
        $bits = fn(Fingerprint $print): int => $print->distance(Fingerprint::of($other));
        $isLookedAt =
            $bits(Fingerprint::of($whole)) <= Resemblance::MOST_BITS ||
            $bits(Fingerprint::of($whole->mirrored())) <= Resemblance::MOST_BITS_MIRRORED ||
            min(array_map($bits, $own->prints())) <= Resemblance::MOST_BITS_CUT;
        $known += $isLookedAt && $own->difference(Resemblance::of($other)) <= Resemblance::SAME ? 1 : 0;
    }
    expect($known)->toBeGreaterThanOrEqual(38);
})->with(['lighter', 'darker', 'warmer', 'colder', 'mirrored', 'cut all around', 'cut on the left', 'cut below']);

it('takes no other shade of the same goods for the same picture in another light', function (): void {
    foreach (range(1, 20) as $seed) {
        // Nearly as the one of the other by a share of each channel, but before the same ground.
        foreach ([0xd37a56, 0x98583e, 0xb08048] as $shade) {
            expect(unlike(goods($seed, 0xb5694a), goods($seed, $shade)))->toBeGreaterThan(Resemblance::SAME);
        }
    }
});

it('is asked of pictures pressed into 32 × 32', function (): void {
    expect(fn() => Resemblance::of(new Sample(2, 1, [0, 0])))->toThrow(UnreadableFingerprint::class);
});
