<?php

declare(strict_types=1);

use Core\Color\Contrast;
use Core\Color\Deficiency;
use Core\Color\Names\CssColors;
use Core\Color\Names\TypedColor;
use Core\Color\Srgb;
use Tests\Core\Color\Samples;

require_once __DIR__ . '/../tools.php';

/** @param  list<float>  $theirs  from 0 to 255, not rounded */
function farthestChannel(Srgb $ours, array $theirs): float
{
    return max(
        array_map(
            fn(int $channel, float|int $other): float => abs($channel - $other),
            [$ours->red, $ours->green, $ours->blue],
            $theirs,
        ),
    );
}

// Source: the package color-name, a list of the colors named by W3C, CSS Color Module Level 4, 6.1.
it('knows every color that has a name on the web, and no other', function (): void {
    $theirs = outside(['node', __DIR__ . '/../tools/color-names.mjs'], '');
    expect($theirs)->toHaveCount(148);
    foreach ($theirs as $name => [$red, $green, $blue]) {
        expect(CssColors::named($name)?->hex())
            ->toBe((new Srgb($red, $green, $blue))->hex())
            ->and(CssColors::named(' ' . strtoupper($name) . ' ')?->hex())
            ->toBe((new Srgb($red, $green, $blue))->hex());
    }
    $ours = (new ReflectionClass(CssColors::class))->getConstant('COLORS');
    expect(array_diff_key($ours, $theirs))->toBe([]);
});

// Source: the library culori, on random colors typed as lab() and oklch().
it('reads lab() and oklch() as another library does', function (): void {
    $random = Samples::random(22);
    $number = fn(float $from, float $to): float => round(
        $from + (($to - $from) * $random->getInt(0, 1_000_000)) / 1_000_000,
        4,
    );
    $typed = [
        'lab(29.2345% 39.3825 20.0664)',
        'lab(52.2345 40.1645 59.9971)',
        'oklch(40.101% 0.12332 21.555)',
        'oklch(59.686% 0.15619 49.7694deg)',
        'lab(50% -20% 40%)',
        'oklch(60% 25% 250)',
        'lab(40 none 12)',
    ];
    for ($at = 0; $at < 3_000; $at++) {
        $typed[] = "lab({$number(0, 100)} {$number(-80, 80)} {$number(-80, 80)})";
        $typed[] = "oklch({$number(0, 1)} {$number(0, 0.3)} {$number(0, 360)})";
    }
    $exact = 0;
    foreach (outside(['node', __DIR__ . '/../tools/typed-colors.mjs'], $typed) as $at => $theirs) {
        $read = TypedColor::read($typed[$at]);
        if ($read->isExact && min($theirs) >= 0 && max($theirs) <= 255) {
            $exact++;
            expect(farthestChannel($read->color, $theirs))->toBeLessThan(0.56, $typed[$at]);
        }
        // What no screen shows is never taken for exact. (Rounding to whole numbers may hide a breadth of one.)
        if (min($theirs) < -4 || max($theirs) > 259) {
            expect($read->isExact)->toBeFalse($typed[$at]);
        }
    }
    expect($exact)->toBeGreaterThan(1_500);
});

// Source: the library colorspacious (Debian python3-colorspacious), on random colors; Machado, Oliveira, Fernandes
// 2009.
it('shows colors without a kind of cone as another library does', function (): void {
    $random = Samples::random(23);
    $colors = ['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff'];
    for ($at = 0; $at < 4_000; $at++) {
        $colors[] = sprintf('#%06x', $random->getInt(0, 0xffffff));
    }
    foreach (outside(['/usr/bin/python3', __DIR__ . '/../tools/deficiencies.py'], $colors) as $at => $theirs) {
        foreach (Deficiency::cases() as $which => $deficiency) {
            expect(farthestChannel($deficiency->seen(Srgb::fromHex($colors[$at])), $theirs[$which]))->toBeLessThan(
                0.51,
                $colors[$at],
            );
        }
    }
});

/*
 * Source: W3C, Understanding WCAG 2.2, 1.4.3 Contrast (Minimum) and technique G18: black on white is 21:1; #777777 on
 * white
 * is 4.47:1 and falls short, which #767676 at 4.54:1 does not. From WebAIM's worked list, from memory: #0000ff 8.59:1.
 */
it('gives the contrast of the worked examples', function (string $one, string $other, float $ratio): void {
    [$a, $b] = [Srgb::fromHex($one), Srgb::fromHex($other)];
    expect(floor(100 * Contrast::ratio($a, $b)) / 100)
        ->toBe($ratio)
        ->and(Contrast::ratio($a, $b))
        ->toBe(Contrast::ratio($b, $a));
})->with([
    ['#000000', '#ffffff', 21.0],
    ['#777777', '#ffffff', 4.47],
    ['#767676', '#ffffff', 4.54],
    ['#949494', '#ffffff', 3.03],
    ['#0000ff', '#ffffff', 8.59],
    ['#ffffff', '#ffffff', 1.0],
]);

// Source: the library culori, whose wcagContrast is held against ours on random pairs.
it('gives the contrast that another library gives', function (): void {
    $random = Samples::random(24);
    $pairs = array_map(
        fn(): array => [sprintf('#%06x', $random->getInt(0, 0xffffff)), sprintf('#%06x', $random->getInt(0, 0xffffff))],
        range(1, 3_000),
    );
    foreach (outside(['node', __DIR__ . '/../tools/colors.mjs'], $pairs) as $at => $theirs) {
        [$one, $other] = array_map(Srgb::fromHex(...), $pairs[$at]);
        expect(abs(Contrast::ratio($one, $other) - $theirs['contrast']))
            ->toBeLessThan(0.01)
            ->and(Contrast::least(Contrast::textOn([$one]), [$one]))
            ->toBeGreaterThan(4.5);
    }
});
