<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Matching\Fingerprints\UnreadableFingerprint;

/**
 * What a picture of a shoot looks like: the colors of what is shown, and its form, which is the same for the same goods
 * in another color.
 */
final readonly class ShotLook
{
    /** Pixels along a side of a form. */
    private const SIDE = 16;

    /** Light that the grain of a ground makes, from 0 to 255. */
    private const GRAIN = 8.0;

    /** Smaller shares are trim, skin at the edge, or a label. */
    private const LEAST_SHARE = 0.15;

    private const MOST_COLORS = 3;

    /** Luma of red, green and blue. Rec. ITU-R BT.601. */
    private const LUMA = [0.299, 0.587, 0.114];

    /**
     * @param  list<Srgb>  $colors  of what is shown, the largest share first; none where they cannot be told
     * @param  list<Lab>  $labs  the same
     * @param  list<float>  $form  how much each of 16 × 16 places around its middle stands out from the ground; root
     *   mean square 1
     */
    private function __construct(public array $colors, private array $labs, private array $form) {}

    /**
     * @param  Sample  $pressed  the whole picture, pressed into 32 × 32
     *
     * @throws UnreadableFingerprint
     */
    public static function of(PictureColors $colors, Sample $pressed): self
    {
        if ($pressed->width !== 2 * self::SIDE || $pressed->height !== 2 * self::SIDE) {
            throw UnreadableFingerprint::sample($pressed->width, $pressed->height);
        }
        // Of what fills the picture, nobody can say which of its colors is the cloth's in plain light.
        $told = $colors->areTold() && !$colors->areOfMiddle() ? $colors->colors : [];
        $telling = array_filter(
            array_slice($told, 0, self::MOST_COLORS),
            fn(ColorShare $one): bool => $one->share >= self::LEAST_SHARE,
        );

        $seen = array_values(array_map(fn(ColorShare $one): Srgb => $one->color, $telling));

        return new self($seen, array_map(Lab::of(...), $seen), self::form($pressed));
    }

    /** Of a picture that nobody could measure: it is like none. */
    public static function none(): self
    {
        return new self([], [], array_fill(0, self::SIDE ** 2, 0.0));
    }

    /** @return float from 0, the same form, on; pictures of two things that share nothing come to about 1.2 */
    public function formDistance(self $other): float
    {
        $sum = 0.0;
        foreach ($this->form as $at => $light) {
            $sum += ($light - $other->form[$at]) ** 2;
        }

        return sqrt($sum / count($this->form));
    }

    /** @return ?float ΔE00 of the two colors that are nearest; null where one of the two tells none */
    public function colorDistance(self $other): ?float
    {
        $nearest = null;
        foreach ($this->labs as $own) {
            foreach ($other->labs as $theirs) {
                $nearest = min($nearest ?? INF, ColorDifference::ciede2000($own, $theirs));
            }
        }

        return $nearest;
    }

    /** @return ?float ΔE00 of its color that is nearest to a swatch; null where it tells none */
    public function distanceToSwatch(Swatch $swatch): ?float
    {
        return $this->colors === []
            ? null
            : min(array_map(fn(Srgb $color): float => SwatchDistance::ofColor($color, $swatch), $this->colors));
    }

    /**
     * The form in the middle of several.
     *
     * @param  non-empty-list<self>  $looks
     */
    public static function mean(array $looks): self
    {
        $count = count($looks);
        $form = array_map(
            fn(int $at): float => array_sum(array_map(fn(self $look): float => $look->form[$at], $looks)) / $count,
            array_keys($looks[0]->form),
        );

        return new self($looks[0]->colors, $looks[0]->labs, $form);
    }

    /** @return list<float> laid in the middle, so that goods may lie a little elsewhere */
    private static function form(Sample $pressed): array
    {
        $side = $pressed->width;
        $light = array_map(
            fn(int $pixel): float => self::LUMA[0] * ($pixel >> 16) +
                self::LUMA[1] * (($pixel >> 8) & 255) +
                self::LUMA[2] * ($pixel & 255),
            $pressed->pixels,
        );
        $border = array_map(fn(int $at): float => $light[$at], $pressed->border(1));
        sort($border);
        $ground = $border[intdiv(count($border), 2)];
        $stands = array_map(fn(float $one): float => max(0.0, abs($one - $ground) - self::GRAIN), $light);
        [$x, $y] = self::middle($stands, $side);
        $form = [];
        for ($row = 0; $row < self::SIDE; $row++) {
            for ($column = 0; $column < self::SIDE; $column++) {
                $form[] = self::at(
                    $stands,
                    $side,
                    $x + (($column + 0.5) / self::SIDE - 0.5) * $side,
                    $y + (($row + 0.5) / self::SIDE - 0.5) * $side,
                );
            }
        }
        $size = sqrt(array_sum(array_map(fn(float $one): float => $one ** 2, $form)) / count($form));

        return array_map(fn(float $one): float => $one / max($size, 1.0), $form);
    }

    /**
     * @param  non-empty-list<float>  $stands  how much each pixel stands out from the ground
     * @return array{float, float} the middle of what stands out, across and down, in pixels
     */
    private static function middle(array $stands, int $side): array
    {
        $sum = max(0.001, array_sum($stands));
        $x = $y = 0.0;
        foreach ($stands as $at => $one) {
            $x += (($at % $side) * $one) / $sum;
            $y += (intdiv($at, $side) * $one) / $sum;
        }

        return [$x, $y];
    }

    /** @param  non-empty-list<float>  $stands  nothing beyond the border */
    private static function at(array $stands, int $side, float $x, float $y): float
    {
        [$column, $row] = [(int) floor($x), (int) floor($y)];
        [$across, $down] = [$x - $column, $y - $row];
        $sum = 0.0;
        foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$right, $below]) {
            [$u, $v] = [$column + $right, $row + $below];
            if ($u >= 0 && $v >= 0 && $u < $side && $v < $side) {
                $part = ($right === 1 ? $across : 1 - $across) * ($below === 1 ? $down : 1 - $down);
                $sum += $part * $stands[$v * $side + $u];
            }
        }

        return $sum;
    }
}
