<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Checks\AxisColors;
use Core\Checks\SwatchChecks;
use Core\Checks\ValuePicture;
use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Random\Randomizer;
use Tests\Core\Product\ComposedProduct;

/**
 * Tries the measuring of colors, and the finding of mislabeled pictures, on composed pictures, by what they have of
 * difficulties.
 */
final readonly class ComposedTrials
{
    /** What is drawn: [ground, light, size, pattern]. */
    public const CASES = [
        'studio' => ['white', 'plain', 'usual', 'plain'],
        'gray ground' => ['gray', 'plain', 'usual', 'plain'],
        'outdoors' => ['outdoors', 'plain', 'usual', 'plain'],
        'rooms, floors and walls' => ['rooms', 'plain', 'usual', 'plain'],
        'tight crop' => ['any', 'plain', 'tight', 'plain'],
        'a warm or cold cast' => ['any', 'cast', 'usual', 'plain'],
        'dim or bright' => ['any', 'dim', 'usual', 'plain'],
        'stripes' => ['any', 'plain', 'usual', 'stripes'],
        'checks' => ['any', 'plain', 'usual', 'checks'],
        'all of it' => ['any', 'any', 'any', 'any'],
    ];

    private const GROUNDS = ['white', 'gray', 'outdoors', 'rooms'];

    /** ΔE00 between the colors of one product, at least. */
    private const APART = 10.0;

    /** ΔE00 up to which what is measured of a picture is right. */
    public const NEAR = 8.0;

    /**
     * @param  non-empty-list<Photograph>  $outdoors
     * @param  non-empty-list<Photograph>  $rooms
     * @param  non-empty-list<Photograph>  $reliefs  what cloth is woven like
     */
    public function __construct(private array $outdoors, private array $rooms, private array $reliefs) {}

    /**
     * Products of one kind of picture, each with 3 to 6 colors and 3 or 4 pictures of each, all in one light; one
     * picture is linked to another color, every other time to the nearest.
     *
     * @return list<ComposedProduct>
     */
    public function products(string $case, int $products, int $seed): array
    {
        $random = Samples::random($seed);
        $drawn = [];
        for ($product = 0; $product < $products; $product++) {
            $drawn[] = $this->product($random, self::CASES[$case], $product % 2 === 0);
        }

        return $drawn;
    }

    /**
     * @param  list<ComposedProduct>  $products
     * @return array{errors: list<float>, doubted: float, found: int, accused: int, right: int} errors in ΔE00, sorted;
     *                                                                                          share of pictures with
     *                                                                                          a doubt; wrong ones that
     *                                                                                          were found; right ones
     *                                                                                          accused, of how many
     */
    public static function tried(array $products): array
    {
        $errors = [];
        $doubted = $found = $accused = $right = 0;
        foreach ($products as $product) {
            $pictures = [];
            foreach ($product->samples as $at => $sample) {
                $seen = (new ColorMeter())->measure($sample);
                $true = $product->colors[$product->shows[$at]];
                $errors[] = $seen->main() === null ? INF : self::apart($seen->main(), $true);
                $doubted += (int) ($seen->doubt !== null);
                $pictures[] = new ValuePicture(
                    $at,
                    "p{$at}",
                    $at === $product->wrong ? $product->said : $product->shows[$at],
                    $seen,
                );
            }
            $named = array_column(
                SwatchChecks::mislabeled(new AxisColors($product->axis, $product->swatches, $pictures)),
                'placementId',
            );
            $found += (int) in_array($product->wrong, $named, true);
            $accused += count(array_diff($named, [$product->wrong]));
            $right += count($pictures) - 1;
        }
        sort($errors);

        return [
            'errors' => $errors,
            'doubted' => $doubted / count($errors),
            'found' => $found,
            'accused' => $accused,
            'right' => $right,
        ];
    }

    /** Goods that have nearly the color of their ground: [ground, lightest and darkest of the goods]. */
    public const NEAR_GROUND = [
        'gray on near-white' => [['#f7f7f5', '#f1f1ef', '#ffffff', '#ededee'], [130, 200]],
        'pale gray on white' => [['#f7f7f5', '#ffffff'], [205, 228]],
        'white on white' => [['#f7f7f5', '#ffffff', '#f1f1ef'], [236, 250]],
        'black on dark' => [['#2a2a2c', '#1e1e20', '#333335'], [16, 40]],
    ];

    /**
     * @return array{right: int, untold: int, wrong: int} pictures measured near their color, those that say they cannot
     *                                                    be told or may be wrong, those wrong without a word
     */
    public function nearGround(string $case, int $pictures, int $seed): array
    {
        $random = Samples::random($seed);
        [$grounds, [$darkest, $lightest]] = self::NEAR_GROUND[$case];
        $result = ['right' => 0, 'untold' => 0, 'wrong' => 0];
        for ($picture = 0; $picture < $pictures; $picture++) {
            $gray = $random->getInt($darkest, $lightest);
            $color = new Srgb($gray, $gray + $random->getInt(-3, 3), $gray + $random->getInt(-3, 4));
            $composed = (new ComposedPicture($random))
                ->onGround(Srgb::fromHex(self::one($random, $grounds)))
                ->of([$color])
                ->sized($random->getInt(50, 80) / 100)
                ->shadowed($random->getInt(10, 70) / 100, $random->getInt(0, 30) / 100);
            // Leather is smooth, cloth is not.
            $composed = $picture % 2 === 0 ? $composed->woven(self::one($random, $this->reliefs)) : $composed;
            $seen = (new ColorMeter())->measure($composed->sample());
            $isRight = $seen->main() !== null && self::apart($seen->main(), $color) <= self::NEAR;
            $result[
                match (true) {
                    $isRight => 'right',
                    $seen->doubt !== null => 'untold',
                    default => 'wrong',
                }
            ]++;
        }

        return $result;
    }

    /** @param  array{string, string, string, string}  $case */
    private function product(Randomizer $random, array $case, bool $toNearest): ComposedProduct
    {
        [$ground, $light, $size, $pattern] = $case;
        $ground = $ground === 'any' ? self::one($random, self::GROUNDS) : $ground;
        $light = $light === 'any' ? self::one($random, ['plain', 'plain', 'cast', 'dim']) : $light;
        $pattern = $pattern === 'any' ? self::one($random, ['plain', 'plain', 'stripes', 'checks']) : $pattern;
        $shoot = self::light($random, $light);
        $colors = self::colors($random, $random->getInt(3, 6));
        // A pattern has colors that can be told apart.
        do {
            $trim = self::colors($random, 2);
            $near = array_filter(
                $colors,
                fn(Srgb $cloth): bool => min(self::apart($cloth, $trim[1]), self::apart($cloth, $trim[2])) <
                    2 * self::APART,
            );
        } while ($pattern !== 'plain' && ($near !== [] || self::apart($trim[1], $trim[2]) < 2 * self::APART));
        $values = $swatches = $samples = $shows = [];
        foreach ($colors as $id => $cloth) {
            $values[] = new Value($id, "Color {$id}");
            $all = match ($pattern) {
                'stripes' => [$cloth, $trim[1]],
                'checks' => [$cloth, $trim[1], $trim[2]],
                default => [$cloth],
            };
            $swatches[$id] = Swatch::of(...array_map(fn(Srgb $color): Srgb => self::typed($random, $color), $all));
            for ($count = $random->getInt(3, 4); $count > 0; $count--) {
                $samples[] = $this->picture($random, $ground, $shoot, $size, $all, $pattern);
                $shows[] = $id;
            }
        }
        $wrong = $random->getInt(0, count($samples) - 1);
        $others = array_values(array_diff(array_keys($colors), [$shows[$wrong]]));
        $far = fn(int $id): float => self::apart($colors[$id], $colors[$shows[$wrong]]);
        usort($others, fn(int $a, int $b): int => $far($a) <=> $far($b));
        $said = $toNearest ? $others[0] : self::one($random, $others);

        return new ComposedProduct(
            new Axis(1, 'Color', AxisKind::Color, $values),
            $colors,
            $swatches,
            $samples,
            $shows,
            $wrong,
            $said,
        );
    }

    /**
     * @param  array{float, float, float}  $shoot
     * @param  non-empty-list<Srgb>  $colors
     */
    private function picture(
        Randomizer $random,
        string $ground,
        array $shoot,
        string $size,
        array $colors,
        string $pattern,
    ): Sample {
        $size = $size === 'any' ? self::one($random, ['usual', 'usual', 'tight']) : $size;
        $picture = (new ComposedPicture($random))
            ->of($colors, $pattern)
            ->woven(self::one($random, $this->reliefs))
            ->sized($size === 'tight' ? 1.0 + $random->getInt(0, 80) / 100 : 0.5 + $random->getInt(0, 30) / 100)
            ->in(array_map(fn(float $part): float => $part * (1 + $random->getInt(-4, 4) / 100), $shoot));
        match ($ground) {
            'white' => $picture,
            'gray' => $picture->onGround(Srgb::fromHex('#aeb1b5')),
            'outdoors' => $picture->before(self::one($random, $this->outdoors)),
            default => $picture->before(self::one($random, $this->rooms)),
        };

        return $picture->sample();
    }

    /** @return array{float, float, float} */
    private static function light(Randomizer $random, string $kind): array
    {
        $warm = 1 + $random->getInt(-18, 18) / 100;

        return match ($kind) {
            'cast' => [$warm, 1.0, 1 / $warm],
            'dim' => array_fill(
                0,
                3,
                $random->getInt(0, 1) === 0 ? $random->getInt(35, 60) / 100 : $random->getInt(130, 160) / 100,
            ),
            default => [1.0, 1.0, 1.0],
        };
    }

    /**
     * @return non-empty-array<int, Srgb> by number from 1: colors that cloth has: none that shines, and none that is
     * like another
     */
    private static function colors(Randomizer $random, int $count): array
    {
        $colors = [];
        while (count($colors) < $count) {
            $new = new Srgb($random->getInt(30, 220), $random->getInt(30, 220), $random->getInt(30, 220));
            $near = array_filter($colors, fn(Srgb $other): bool => self::apart($new, $other) < self::APART);
            if (
                $near === [] &&
                self::apart($new, Srgb::fromHex('#f7f7f5')) > 2 * self::APART &&
                self::apart($new, Srgb::fromHex('#aeb1b5')) > self::APART
            ) {
                $colors[count($colors) + 1] = $new;
            }
        }

        return $colors;
    }

    /** A little off, as a person types it. */
    private static function typed(Randomizer $random, Srgb $color): Srgb
    {
        return new Srgb(
            max(0, min(255, $color->red + $random->getInt(-5, 5))),
            max(0, min(255, $color->green + $random->getInt(-5, 5))),
            max(0, min(255, $color->blue + $random->getInt(-5, 5))),
        );
    }

    private static function apart(Srgb $one, Srgb $other): float
    {
        return ColorDifference::ciede2000(Lab::of($one), Lab::of($other));
    }

    /**
     * @template T
     * @param  non-empty-list<T>  $list
     * @return T
     */
    private static function one(Randomizer $random, array $list): mixed
    {
        return $list[$random->getInt(0, count($list) - 1)];
    }
}
