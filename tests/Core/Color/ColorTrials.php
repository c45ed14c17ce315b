<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Checks\AxisColors;
use Core\Checks\SwatchChecks;
use Core\Checks\ValuePicture;
use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\Eyedropper;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Tries the measuring of colors on cloth that was drawn in a known color, and the finding of mislabeled pictures on
 * drawn products.
 */
final class ColorTrials
{
    private const WHITE = '#f7f7f5';

    /** What a cloth is drawn in: folds, weave, fading light, a trim, ground. */
    private const CASES = [
        'plain' => [0.0, 0.0, 0.0, false, self::WHITE],
        'folds' => [0.35, 0.03, 0.0, false, self::WHITE],
        'texture' => [0.0, 0.3, 0.0, false, self::WHITE],
        'fading light' => [0.0, 0.03, 0.3, false, self::WHITE],
        'gray ground' => [0.2, 0.05, 0.0, false, '#b9bcc0'],
        'dark ground' => [0.2, 0.05, 0.0, false, '#2a2a2c'],
        'two-colored' => [0.2, 0.05, 0.0, true, self::WHITE],
        'all of it' => [0.3, 0.15, 0.2, true, '#dfe2e4'],
    ];

    /** ΔE00 that a cloth keeps from its ground and its trim. */
    private const APART = 25.0;

    /** @return array<string, array{main: list<float>, picked: list<float>}> by case: ΔE00 to the color drawn, sorted */
    public static function errors(int $cloths): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(41));
        $errors = [];
        foreach (self::CASES as $case => [$folds, $weave, $fade, $hasTrim, $ground]) {
            $ground = Srgb::fromHex($ground);
            for ($time = 0; $time < $cloths; $time++) {
                do {
                    [$cloth, $trim] = [
                        Srgb::packed($random->getInt(0, 0xffffff)),
                        Srgb::packed($random->getInt(0, 0xffffff)),
                    ];
                } while (
                    self::apart($cloth, $ground) < self::APART ||
                    self::apart($trim, $ground) < self::APART ||
                    self::apart($cloth, $trim) < self::APART
                );
                $sample = (new DrawnCloth($time))->on($ground, $cloth, $folds, $weave, $fade, $hasTrim ? $trim : null);
                $main = (new ColorMeter())->measure($sample)->main();
                $errors[$case]['main'][] = $main === null ? INF : self::apart($main, $cloth);
                // Where the light falls and no band is, as a person would point.
                $errors[$case]['picked'][] = self::apart(
                    Eyedropper::take(self::part($sample, 18, 10, 11))->color,
                    $cloth,
                );
            }
            sort($errors[$case]['main']);
            sort($errors[$case]['picked']);
        }

        return $errors;
    }

    /**
     * Products of 3 to 8 colors with 2 to 5 pictures each, drawn with the faults of a studio (folds, weave, a cast,
     * trims,
     * swatches that are a little off), of which one picture is linked to another color, every other time to the
     * nearest.
     *
     * @return array{found: int, accused: int, pictures: int} products in which the one was found; right ones accused,
     *   of so many
     */
    public static function mislabeled(int $products): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(52));
        $result = ['found' => 0, 'accused' => 0, 'pictures' => 0];
        for ($product = 0; $product < $products; $product++) {
            $cloths = self::cloths($random, $random->getInt(3, 8));
            $values = array_map(fn(int $at): Value => new Value($at + 1, "Color {$at}"), array_keys($cloths));
            $swatches = [];
            $pictures = [];
            foreach ($cloths as $at => $cloth) {
                $swatches[$at + 1] = Swatch::of(self::shifted($random, $cloth, 5));
                for ($count = $random->getInt(2, 5); $count > 0; $count--) {
                    $pictures[] = new ValuePicture(
                        count($pictures) + 1,
                        'p' . (count($pictures) + 1),
                        $at + 1,
                        (new ColorMeter())->measure(self::photographed($random, $cloth)),
                    );
                }
            }
            $wrong = $random->getInt(0, count($pictures) - 1);
            $right = $pictures[$wrong]->valueId;
            $other =
                $random->getInt(0, 1) === 0
                    ? self::nearest($cloths, $right - 1) + 1
                    : (($right - 1 + $random->getInt(1, count($cloths) - 1)) % count($cloths)) + 1;
            $pictures[$wrong] = new ValuePicture($wrong + 1, $pictures[$wrong]->file, $other, $pictures[$wrong]->seen);
            $accused = array_map(
                fn($finding): ?int => $finding->placementId,
                SwatchChecks::mislabeled(
                    new AxisColors(new Axis(1, 'Color', AxisKind::Color, $values), $swatches, $pictures),
                ),
            );
            $result['found'] += in_array($wrong + 1, $accused, true) ? 1 : 0;
            $result['accused'] += count(array_diff($accused, [$wrong + 1]));
            $result['pictures'] += count($pictures) - 1;
        }

        return $result;
    }

    /** @return non-empty-list<Srgb> colors that a person can tell apart, and from a white ground */
    private static function cloths(Randomizer $random, int $count): array
    {
        $cloths = [];
        while (count($cloths) < $count) {
            $new = Srgb::packed($random->getInt(0, 0xffffff));
            $near = array_filter(
                [...$cloths, Srgb::fromHex(self::WHITE)],
                fn(Srgb $other): bool => self::apart($new, $other) < 8,
            );
            if ($near === []) {
                $cloths[] = $new;
            }
        }

        return $cloths;
    }

    private static function photographed(Randomizer $random, Srgb $cloth): Sample
    {
        $part = fn(float $most): float => ($most * $random->getInt(0, 1000)) / 1000;
        $trim = $random->getInt(0, 3) === 0 ? Srgb::packed($random->getInt(0, 0xffffff)) : null;

        return (new DrawnCloth($random->getInt(0, 1_000_000)))->on(
            Srgb::fromHex(self::WHITE),
            self::shifted($random, $cloth, 6),
            $part(0.35),
            $part(0.15),
            $part(0.25),
            $trim,
        );
    }

    /** @param  non-empty-list<Srgb>  $cloths */
    private static function nearest(array $cloths, int $to): int
    {
        $others = $cloths;
        unset($others[$to]);
        uasort(
            $others,
            fn(Srgb $one, Srgb $other): int => self::apart($one, $cloths[$to]) <=> self::apart($other, $cloths[$to]),
        );

        return (int) array_key_first($others);
    }

    /** The color a little off, as a cast of light or a typing person makes it. */
    private static function shifted(Randomizer $random, Srgb $color, int $most): Srgb
    {
        $shift = fn(int $channel): int => max(0, min(255, $channel + $random->getInt(-$most, $most)));

        return new Srgb($shift($color->red), $shift($color->green), $shift($color->blue));
    }

    private static function part(Sample $sample, int $left, int $top, int $side): Sample
    {
        $pixels = [];
        for ($y = $top; $y < $top + $side; $y++) {
            array_push($pixels, ...array_slice($sample->pixels, $y * $sample->width + $left, $side));
        }

        return new Sample($side, $side, $pixels);
    }

    private static function apart(Srgb $one, Srgb $other): float
    {
        return ColorDifference::ciede2000(Lab::of($one), Lab::of($other));
    }
}
