<?php

declare(strict_types=1);

use Core\Color\Measuring\Sample;
use Core\Matching\Fingerprints\Fingerprint;
use Core\Matching\Fingerprints\UnreadableFingerprint;
use Tests\Core\Color\DrawnCloth;
use Tests\Core\Color\Samples;

require_once __DIR__ . '/../tools.php';

/** @return list<int> 1024 grays: a few waves and some noise */
function grays(int $seed): array
{
    $random = Samples::random($seed);
    $waves = array_map(
        fn(): array => [$random->getInt(0, 90) / 100, $random->getInt(0, 90) / 100, $random->getInt(0, 600) / 100],
        range(1, 5),
    );
    $grays = [];
    for ($at = 0; $at < 1024; $at++) {
        $light = array_sum(
            array_map(
                fn(array $wave): float => sin($wave[0] * ($at % 32) + $wave[1] * intdiv($at, 32) + $wave[2]),
                $waves,
            ),
        );
        $grays[] = (int) max(0, min(255, 128 + 25 * $light + $random->getInt(-6, 6)));
    }

    return $grays;
}

function fingerprint(array $grays): Fingerprint
{
    return Fingerprint::of(
        new Sample(32, 32, array_map(fn(int $gray): int => ($gray << 16) | ($gray << 8) | $gray, $grays)),
    );
}

/*
 * Source: the library sharp-phash. It takes the mean of the waves for a threshold where we take the median, as its
 * source has it; so the bits of one are all among the bits of the other, whichever is lower.
 */
it('sees the same waves as another library', function (): void {
    $pictures = array_map(grays(...), range(1, 60));
    $theirs = outside(['node', __DIR__ . '/../tools/fingerprints.mjs'], $pictures);
    foreach ($pictures as $at => $picture) {
        $ours = array_map(
            intval(...),
            str_split(
                implode(
                    '',
                    array_map(
                        fn(string $digit): string => sprintf('%04b', hexdec($digit)),
                        str_split(fingerprint($picture)->hex),
                    ),
                ),
            ),
        );
        $more = $fewer = 0;
        foreach ($ours as $bit => $isSet) {
            $isSetThere = (int) $theirs[$at][($bit % 8) * 8 + intdiv($bit, 8)];
            $more += $isSet > $isSetThere ? 1 : 0;
            $fewer += $isSet < $isSetThere ? 1 : 0;
        }
        // Of a wave that lies within the rounding of the threshold, either may be right.
        expect(min($more, $fewer))->toBeLessThanOrEqual(1)->and(array_sum($ours))->toBe(32);
    }
});

it('hardly changes with noise and light, and much with another picture', function (): void {
    $random = Samples::random(3);
    foreach (range(1, 30) as $seed) {
        $picture = grays($seed);
        $noisy = array_map(
            fn(int $gray): int => max(0, min(255, (int) (0.9 * $gray) + 12 + $random->getInt(-3, 3))),
            $picture,
        );
        expect(fingerprint($picture)->distance(fingerprint($noisy)))
            ->toBeLessThanOrEqual(8)
            ->and(fingerprint($picture)->distance(fingerprint(grays($seed + 100))))
            ->toBeGreaterThan(12)
            ->and(fingerprint($picture)->distance(fingerprint($picture)))
            ->toBe(0);
    }
});

it('is kept as sixteen digits, and refuses anything else', function (): void {
    $one = fingerprint(grays(1));
    expect(Fingerprint::fromHex($one->hex))
        ->toEqual($one)
        ->and(fn() => Fingerprint::fromHex('ABC'))
        ->toThrow(UnreadableFingerprint::class)
        ->and(
            fn() => Fingerprint::of(
                (new DrawnCloth(1))->on(Core\Color\Srgb::packed(0xffffff), Core\Color\Srgb::packed(0)),
            ),
        )
        ->toThrow(UnreadableFingerprint::class);
});
