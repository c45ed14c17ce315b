<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Draws a piece of cloth of a known color as a shop would photograph it: folds, weave, noise, a soft shadow on the
 * ground.
 */
final readonly class DrawnCloth
{
    public const SIDE = 48;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /**
     * @param  float  $folds  how much darker the deepest fold is, from 0 to 1
     * @param  float  $weave  how much light and dark threads differ, from 0 to 1
     * @param  float  $fade  how much darker the cloth is at its lower end, from 0 to 1
     * @param  ?Srgb  $trim  color of a band over an eighth of it
     */
    public function on(
        Srgb $ground,
        Srgb $cloth,
        float $folds = 0.3,
        float $weave = 0.05,
        float $fade = 0.0,
        ?Srgb $trim = null,
        float $size = 0.33,
    ): Sample {
        $pixels = [];
        $turn = $this->random->getInt(0, 6000) / 1000;
        for ($at = 0; $at < self::SIDE ** 2; $at++) {
            [$x, $y] = [
                (($at % self::SIDE) + 0.5) / self::SIDE - 0.5,
                (intdiv($at, self::SIDE) + 0.5) / self::SIDE - 0.5,
            ];
            $inside = ($x / $size) ** 2 + ($y / ($size * 1.15)) ** 2 < 1;
            if ($inside) {
                $light = 1 - $folds * max(0, sin(14 * $x + $turn)) - $fade * ($y / (2 * $size) + 0.5);
                $light *= 1 + ($weave * $this->random->getInt(-1000, 1000)) / 1000;
                $pixels[] = $this->lit($trim !== null && abs($y) < $size / 8 ? $trim : $cloth, $light);
            } else {
                $shadow = 0.25 * exp(-(($x / ($size * 1.2)) ** 2 + (($y - $size) / 0.1) ** 2));
                $pixels[] = $this->lit($ground, 1 - $shadow);
            }
        }

        return new Sample(self::SIDE, self::SIDE, $pixels);
    }

    private function lit(Srgb $color, float $light): int
    {
        $packed = 0;
        foreach ([$color->red, $color->green, $color->blue] as $channel) {
            // Light multiplies what is reflected, which a screen's numbers show by about the power of 1/2.2.
            $packed =
                ($packed << 8) |
                max(0, min(255, (int) round($channel * max(0.0, $light) ** (1 / 2.2) + $this->random->getInt(-2, 2))));
        }

        return $packed;
    }
}
