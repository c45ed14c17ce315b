<?php

declare(strict_types=1);

namespace Core\Matching\Fingerprints;

use Core\Color\Lab;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;

/**
 * The light that makes one picture of another: each channel times a share, where more than white is white. It holds for
 * all of a picture, so that goods of another color before the same ground are not taken for goods in another light.
 */
final readonly class OtherLight
{
    /** Shares that light and editing make, and how far they differ between channels. */
    private const SHARES = [0.6, 1.7];

    private const TINT = 1.3;

    /** Channels between these say how much more one shows than the other; beyond them all is black, or white. */
    private const TOLD = [12, 248];

    /** Pixels that must say so. */
    private const LEAST_TOLD = 16;

    /** ΔE*ab to which the ground must be explained; or as a part of how far it moved, where that is more. */
    private const GROUND = [2.5, 0.45];

    /** ΔE*ab by which a ground has clearly moved. */
    private const MOVED = 3.0;

    /** Where both grounds are white, they explain nothing: then only so much. */
    private const WHITE = [252, 1.12];

    /**
     * @param  array{float, float, float}  $shares  of red, green and blue, as screens count them
     * @param  bool  $movesGround  whether it is seen on the ground, and not on the goods alone
     */
    private function __construct(private array $shares, public bool $movesGround) {}

    /** @return ?self null where no light can have made the one of the other */
    public static function between(Sample $one, Sample $other): ?self
    {
        $shares = [];
        foreach ([16, 8, 0] as $shift) {
            $share = self::share($one, $other, $shift);
            if ($share === null || $share < self::SHARES[0] || $share > self::SHARES[1]) {
                return null;
            }
            $shares[] = $share;
        }
        $moved = Lab::of(self::ground($one))->distance(Lab::of(self::ground($other)));
        $light = new self([$shares[0], $shares[1], $shares[2]], $moved >= self::MOVED);

        return max($shares) / min($shares) <= self::TINT && $light->explains($one, $other) ? $light : null;
    }

    /** A picture in this light. */
    public function on(Sample $sample): Sample
    {
        return new Sample($sample->width, $sample->height, array_map($this->pixel(...), $sample->pixels));
    }

    private function pixel(int $pixel): int
    {
        $lit = 0;
        foreach ([16, 8, 0] as $at => $shift) {
            $lit |= min(255, (int) round((($pixel >> $shift) & 255) * $this->shares[$at])) << $shift;
        }

        return $lit;
    }

    /** Whether it makes the ground of the one that of the other as well. */
    private function explains(Sample $one, Sample $other): bool
    {
        [$own, $theirs] = [self::ground($one), self::ground($other)];
        if (min($own->red, $own->green, $own->blue, $theirs->red, $theirs->green, $theirs->blue) >= self::WHITE[0]) {
            return max(array_map(fn(float $share): float => max($share, 1 / $share), $this->shares)) <= self::WHITE[1];
        }
        $lit = Srgb::packed($this->pixel(($own->red << 16) | ($own->green << 8) | $own->blue));

        $moved = Lab::of($own)->distance(Lab::of($theirs));

        return Lab::of($lit)->distance(Lab::of($theirs)) <= max(self::GROUND[0], self::GROUND[1] * $moved);
    }

    /** In the middle of all pixels that say so: how much more of a channel the other shows. */
    private static function share(Sample $one, Sample $other, int $shift): ?float
    {
        $shares = [];
        foreach ($one->pixels as $at => $pixel) {
            [$own, $theirs] = [($pixel >> $shift) & 255, ($other->pixels[$at] >> $shift) & 255];
            if (min($own, $theirs) >= self::TOLD[0] && max($own, $theirs) <= self::TOLD[1]) {
                $shares[] = $theirs / $own;
            }
        }
        sort($shares);

        return count($shares) < self::LEAST_TOLD ? null : $shares[intdiv(count($shares), 2)];
    }

    private static function ground(Sample $sample): Srgb
    {
        $channels = [[], [], []];
        foreach ($sample->border(1) as $at) {
            foreach ([16, 8, 0] as $channel => $shift) {
                $channels[$channel][] = ($sample->pixels[$at] >> $shift) & 255;
            }
        }
        $middle = array_map(function (array $values): int {
            sort($values);

            return $values[intdiv(count($values), 2)];
        }, $channels);

        return new Srgb(...$middle);
    }
}
