<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Srgb;

/**
 * The light in which pictures of a product were taken, as far as it changed all colors alike: how much of red, green
 * and blue each picture shows of what its swatch promises, in the middle of all of them (von Kries, 1902: each channel
 * is scaled by itself, here in the linear light of sRGB).
 */
final readonly class ShootLight
{
    /** Pictures that it is told from at least. */
    private const LEAST_PICTURES = 5;

    /** Linear light of a swatch below which its share says nothing. */
    private const LEAST_LIGHT = 0.02;

    /** How far the middle half of the pictures may differ in it, as a power of e. */
    private const MOST_SPREAD = 0.45;

    /** Less than so much, as a power of e, is no other light. */
    private const NONE = 0.08;

    /** @param  array{float, float, float}  $shares  of red, green and blue */
    private function __construct(private array $shares) {}

    /**
     * @param  list<array{Srgb, Srgb}>  $pairs  what a picture shows, and what its swatch promises
     * @return ?self null where it cannot be told, or is as any day
     */
    public static function of(array $pairs): ?self
    {
        if (count($pairs) < self::LEAST_PICTURES) {
            return null;
        }
        $powers = [[], [], []];
        foreach ($pairs as [$seen, $swatch]) {
            foreach ([0, 1, 2] as $channel) {
                [$light, $promised] = [$seen->linear()[$channel], $swatch->linear()[$channel]];
                if ($promised >= self::LEAST_LIGHT && $light > 0.0) {
                    $powers[$channel][] = log($light / $promised);
                }
            }
        }
        $shares = [];
        $isOther = false;
        foreach ($powers as $own) {
            sort($own);
            $count = count($own);
            if (
                $count < self::LEAST_PICTURES ||
                $own[intdiv(3 * $count, 4)] - $own[intdiv($count, 4)] > self::MOST_SPREAD
            ) {
                return null;
            }
            $middle = $own[intdiv($count, 2)];
            $shares[] = exp($middle);
            $isOther = $isOther || abs($middle) > self::NONE;
        }

        return $isOther ? new self($shares) : null;
    }

    /** A color as it looks in this light. */
    public function on(Srgb $color): Srgb
    {
        $light = $color->linear();

        return Srgb::fromLinear(
            $light[0] * $this->shares[0],
            $light[1] * $this->shares[1],
            $light[2] * $this->shares[2],
        );
    }
}
