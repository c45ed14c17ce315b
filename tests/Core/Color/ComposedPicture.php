<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Random\Randomizer;

/** Puts goods of known colors before a photograph, in some light, as near as one likes, and makes the sample of it. */
final class ComposedPicture
{
    /** As it is composed, and as it is measured, in pixels. */
    private const SIDE = 96;

    private const SAMPLE = 48;

    private const SHAPES = ['bag', 'shirt', 'cup'];

    /** @var list<array{float, float, float}> */
    private array $ground;

    /** @var non-empty-list<array{float, float, float}> linear */
    private array $colors = [[0.0, 0.0, 0.0]];

    private string $pattern = 'plain';

    private float $size = 0.62;

    private float $folds = 0.25;

    private float $shadow = 0.3;

    /** @var ?list<float> */
    private ?array $relief = null;

    /** @var array{float, float, float} */
    private array $light = [1.0, 1.0, 1.0];

    public function __construct(private readonly Randomizer $random)
    {
        $this->ground = array_fill(0, self::SIDE ** 2, [0.93, 0.93, 0.92]);
    }

    public function before(Photograph $photograph): self
    {
        $this->ground = $photograph->piece($this->random, self::SIDE, 1.6);

        return $this;
    }

    public function onGround(Srgb $color): self
    {
        $this->ground = array_fill(0, self::SIDE ** 2, $color->linear());

        return $this;
    }

    /** @param  non-empty-list<Srgb>  $colors  the main one first */
    public function of(array $colors, string $pattern = 'plain'): self
    {
        $this->colors = array_map(fn(Srgb $color): array => $color->linear(), $colors);
        $this->pattern = $pattern;

        return $this;
    }

    /** @param  float  $size  of the goods beside the picture: from 1.3 nothing of the ground is left but corners */
    public function sized(float $size): self
    {
        $this->size = $size;

        return $this;
    }

    /** @param  float  $shadow  how much darker the ground is right below, from 0 to 1 */
    public function shadowed(float $shadow, float $folds): self
    {
        $this->shadow = $shadow;
        $this->folds = $folds;

        return $this;
    }

    public function woven(Photograph $relief): self
    {
        $this->relief = $relief->relief($this->random, self::SIDE);

        return $this;
    }

    /** @param  array{float, float, float}  $light  what falls on all of it, of red, green and blue */
    public function in(array $light): self
    {
        $this->light = $light;

        return $this;
    }

    public function sample(): Sample
    {
        $shape = self::SHAPES[$this->random->getInt(0, count(self::SHAPES) - 1)];
        $turn = $this->random->getInt(0, 6000) / 1000;
        $stripe = $this->random->getInt(5, 11);
        $sums = array_fill(0, self::SAMPLE ** 2, [0, 0, 0]);
        $scale = intdiv(self::SIDE, self::SAMPLE);
        for ($at = 0; $at < self::SIDE ** 2; $at++) {
            [$column, $row] = [$at % self::SIDE, intdiv($at, self::SIDE)];
            [$x, $y] = [
                (($column / self::SIDE - 0.5) * 2) / $this->size,
                (($row / self::SIDE - 0.5) * 2) / $this->size,
            ];
            if (self::isInside($shape, $x, $y)) {
                $own = $this->colors[self::colorAt($this->pattern, $column, $row, $stripe) % count($this->colors)];
                $light = 1 - $this->folds * max(0.0, sin(9 * $x + 2 * $y + $turn));
                $light *= $this->relief === null ? 1.0 : 0.5 + 0.5 * min(2.0, $this->relief[$at]);
            } else {
                $own = $this->ground[$at];
                $light = 1 - $this->shadow * exp(-($x ** 2 + (($y - 1) / 0.3) ** 2));
            }
            $to = intdiv($row, $scale) * self::SAMPLE + intdiv($column, $scale);
            $seen = Srgb::fromLinear(
                $own[0] * $light * $this->light[0],
                $own[1] * $light * $this->light[1],
                $own[2] * $light * $this->light[2],
            );
            foreach ([$seen->red, $seen->green, $seen->blue] as $part => $channel) {
                $sums[$to][$part] += $channel + $this->random->getInt(-3, 3);
            }
        }
        $count = $scale ** 2;

        return new Sample(
            self::SAMPLE,
            self::SAMPLE,
            array_map(fn(array $sum): int => self::packed($sum, $count), $sums),
        );
    }

    private static function isInside(string $shape, float $x, float $y): bool
    {
        return match ($shape) {
            'bag' => (abs($x) < 0.75 && $y > -0.35 && $y < 0.95) ||
                (abs(hypot($x / 0.5, ($y + 0.35) / 0.6) - 1) < 0.14 && $y <= -0.35),
            'shirt' => (abs($x) < 0.5 && abs($y) < 0.95 && hypot($x / 0.2, ($y + 0.95) / 0.2) > 1) ||
                (abs($x) < 1.0 && $y > -0.9 && $y < -0.9 + 0.55 && abs($x) < 0.5 + 0.9 * ($y + 0.95)),
            default => ($x / 0.7) ** 2 + ($y / 0.9) ** 2 < 1,
        };
    }

    /** @return int which of the colors is there */
    private static function colorAt(string $pattern, int $column, int $row, int $stripe): int
    {
        return match ($pattern) {
            'stripes' => intdiv($column + intdiv($row, 3), $stripe) % 3 === 2 ? 1 : 0,
            'checks' => match ((intdiv($column, $stripe) % 2) + (intdiv($row, $stripe) % 2)) {
                0 => 0,
                1 => intdiv($column, $stripe) % 2 === 1 ? 1 : 0,
                default => 2,
            },
            default => 0,
        };
    }

    /** @param  array{int, int, int}  $sum */
    private static function packed(array $sum, int $count): int
    {
        $packed = 0;
        foreach ($sum as $channel) {
            $packed = ($packed << 8) | max(0, min(255, intdiv($channel, $count)));
        }

        return $packed;
    }
}
