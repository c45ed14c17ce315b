<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Color\Srgb;
use Imagick;
use Random\Randomizer;

/** A photograph, or a piece of a surface, that things are put before: its pixels in linear light. */
final readonly class Photograph
{
    /** Longer side as it is kept, in pixels. */
    private const KEPT = 300;

    /** @param  list<array{float, float, float}>  $pixels  row by row, each part from 0 to 1 */
    private function __construct(public int $width, public int $height, private array $pixels) {}

    public static function read(string $path): self
    {
        $picture = new Imagick($path);
        $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        $factor = self::KEPT / max($picture->getImageWidth(), $picture->getImageHeight());
        [$width, $height] = [(int) ($picture->getImageWidth() * $factor), (int) ($picture->getImageHeight() * $factor)];
        $picture->resizeImage($width, $height, Imagick::FILTER_BOX, 1.0);
        $bytes = $picture->exportImagePixels(0, 0, $width, $height, 'RGB', Imagick::PIXEL_CHAR);

        return new self(
            $width,
            $height,
            array_map(fn(array $three): array => (new Srgb(...$three))->linear(), array_chunk($bytes, 3)),
        );
    }

    /**
     * A thicket of patches in some colors, as leaves or a room are to a camera: no two parts of its border are alike.
     */
    public static function drawn(Randomizer $random): self
    {
        $side = 100;
        $pixels = [];
        $patches = [];
        $part = fn(): float => $random->getInt(0, 1000) / 1000;
        for ($count = 60; $count > 0; $count--) {
            $patches[] = [$part(), $part(), 0.03 + 0.14 * $part(), [$part() ** 2, $part() ** 2, $part() ** 2]];
        }
        for ($at = 0; $at < $side ** 2; $at++) {
            [$x, $y] = [($at % $side) / $side, intdiv($at, $side) / $side];
            $color = [0.1 + 0.3 * $y, 0.15 + 0.2 * $x, 0.12];
            foreach ($patches as [$left, $top, $size, $own]) {
                $color = hypot($x - $left, $y - $top) < $size ? $own : $color;
            }
            $grain = 0.9 + 0.2 * $part();
            $pixels[] = [$color[0] * $grain, $color[1] * $grain, $color[2] * $grain];
        }

        return new self($side, $side, $pixels);
    }

    /** Threads across each other, as light falls on them. */
    public static function cloth(Randomizer $random): self
    {
        $side = 120;
        $pixels = [];
        $thread = $random->getInt(2, 5);
        for ($at = 0; $at < $side ** 2; $at++) {
            $isUp = (intdiv($at % $side, $thread) + intdiv(intdiv($at, $side), $thread)) % 2 === 0;
            $light = ($isUp ? 0.55 : 0.45) * (0.85 + (0.3 * $random->getInt(0, 1000)) / 1000);
            $pixels[] = [$light, $light, $light];
        }

        return new self($side, $side, $pixels);
    }

    /**
     * A square of it, anywhere, turned over at its edges where it is too small.
     *
     * @return list<array{float, float, float}>
     */
    public function piece(Randomizer $random, int $side, float $zoom = 1.0): array
    {
        [$left, $top] = [$random->getInt(0, $this->width - 1), $random->getInt(0, $this->height - 1)];
        $piece = [];
        for ($at = 0; $at < $side ** 2; $at++) {
            $x = self::folded($left + (int) ($zoom * ($at % $side)), $this->width);
            $y = self::folded($top + (int) ($zoom * intdiv($at, $side)), $this->height);
            $piece[] = $this->pixels[$y * $this->width + $x];
        }

        return $piece;
    }

    /**
     * How light it is in a square of it, around 1.
     *
     * @return list<float>
     */
    public function relief(Randomizer $random, int $side): array
    {
        $light = array_map(
            fn(array $pixel): float => 0.2126 * $pixel[0] + 0.7152 * $pixel[1] + 0.0722 * $pixel[2],
            $this->piece($random, $side),
        );
        $mean = max(0.001, array_sum($light) / count($light));

        return array_map(fn(float $one): float => $one / $mean, $light);
    }

    private static function folded(int $at, int $size): int
    {
        $at %= 2 * $size;

        return $at < $size ? $at : 2 * $size - 1 - $at;
    }
}
