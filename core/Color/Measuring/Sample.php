<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;
use Core\Color\UnreadableColor;

/** A picture made small, to be measured: its pixels row by row, each 0xRRGGBB. */
final readonly class Sample
{
    /** ΔE*ab within which neighbors are threads or grain of one thing. */
    private const ONE_THING = 25.0;

    /** @var non-empty-list<int> */
    public array $pixels;

    /**
     * @param  list<int>  $pixels  as many as width × height
     *
     * @throws UnreadableColor
     */
    public function __construct(public int $width, public int $height, array $pixels)
    {
        if ($pixels === [] || $width < 1 || $height < 1 || count($pixels) !== $width * $height) {
            throw UnreadableColor::wrongSample($width, $height, count($pixels));
        }
        $this->pixels = $pixels;
    }

    /** @param  string  $bytes  red, green and blue of each pixel, a byte each */
    public static function ofBytes(int $width, int $height, string $bytes): self
    {
        return new self(
            $width,
            $height,
            array_map(fn(string $pixel): int => (int) hexdec(bin2hex($pixel)), str_split($bytes, 3)),
        );
    }

    /**
     * What is seen between four edges, as large as the whole; of a sample with two pixels at least along each side.
     *
     * @param  float  $left  each as a part of its side, from 0 to 1
     */
    public function cut(float $left, float $top, float $right, float $bottom): self
    {
        if ([$left, $top, $right, $bottom] === [0.0, 0.0, 1.0, 1.0]) {
            return $this;
        }
        $pixels = [];
        for ($y = 0; $y < $this->height; $y++) {
            $v = max(
                0.0,
                min(
                    $this->height - 1.001,
                    ($top + (($bottom - $top) * ($y + 0.5)) / $this->height) * $this->height - 0.5,
                ),
            );
            for ($x = 0; $x < $this->width; $x++) {
                $u = max(
                    0.0,
                    min(
                        $this->width - 1.001,
                        ($left + (($right - $left) * ($x + 0.5)) / $this->width) * $this->width - 0.5,
                    ),
                );
                $pixels[] = $this->between($u, $v);
            }
        }

        return new self($this->width, $this->height, $pixels);
    }

    /** Two by two pixels in one; of an odd side, the last row or column is left out. */
    public function halved(): self
    {
        $pixels = [];
        for ($y = 0; $y + 1 < $this->height; $y += 2) {
            for ($x = 0; $x + 1 < $this->width; $x += 2) {
                $at = $y * $this->width + $x;
                $packed = 0;
                foreach ([16, 8, 0] as $shift) {
                    $sum = 0;
                    foreach ([$at, $at + 1, $at + $this->width, $at + $this->width + 1] as $one) {
                        $sum += ($this->pixels[$one] >> $shift) & 255;
                    }
                    $packed |= (int) round($sum / 4) << $shift;
                }
                $pixels[] = $packed;
            }
        }

        return new self(intdiv($this->width, 2), intdiv($this->height, 2), $pixels);
    }

    public function mirrored(): self
    {
        $rows = array_chunk($this->pixels, max(1, $this->width));

        return new self($this->width, $this->height, array_merge(...array_map(array_reverse(...), $rows)));
    }

    /** The four pixels around a place, each as far as it is near. */
    private function between(float $u, float $v): int
    {
        [$column, $row] = [(int) $u, (int) $v];
        [$across, $down] = [$u - $column, $v - $row];
        $at = $row * $this->width + $column;
        $packed = 0;
        foreach ([16, 8, 0] as $shift) {
            $above =
                (($this->pixels[$at] >> $shift) & 255) * (1 - $across) +
                (($this->pixels[$at + 1] >> $shift) & 255) * $across;
            $below =
                (($this->pixels[$at + $this->width] >> $shift) & 255) * (1 - $across) +
                (($this->pixels[$at + $this->width + 1] >> $shift) & 255) * $across;
            $packed |= (int) round($above * (1 - $down) + $below * $down) << $shift;
        }

        return $packed;
    }

    /** As ofBytes() reads it. */
    public function bytes(): string
    {
        return implode(
            '',
            array_map(
                fn(int $pixel): string => pack('C3', $pixel >> 16, ($pixel >> 8) & 255, $pixel & 255),
                $this->pixels,
            ),
        );
    }

    /** @return non-empty-list<int> places of the pixels within a ring of this width along the border */
    public function border(int $width): array
    {
        $places = [0];
        foreach (array_keys(array_slice($this->pixels, 1, null, true)) as $at) {
            [$x, $y] = [$at % $this->width, intdiv($at, $this->width)];
            if (min($x, $y, $this->width - 1 - $x, $this->height - 1 - $y) < $width) {
                $places[] = $at;
            }
        }

        return $places;
    }

    /** @return list<int> places of the pixels above, below and beside a pixel */
    public function beside(int $at): array
    {
        $x = $at % $this->width;
        $beside = [];
        if ($x > 0) {
            $beside[] = $at - 1;
        }
        if ($x < $this->width - 1) {
            $beside[] = $at + 1;
        }
        if ($at >= $this->width) {
            $beside[] = $at - $this->width;
        }
        if ($at < count($this->pixels) - $this->width) {
            $beside[] = $at + $this->width;
        }

        return $beside;
    }

    /**
     * What is reached from some pixels, from each to those beside it.
     *
     * @param  list<int>  $from  places of pixels
     * @param  callable(int, int): bool  $reaches  whether a pixel is reached from one beside it: asked with both places
     * @return array<int, true> by place, those it begins at among them
     */
    public function reached(array $from, callable $reaches): array
    {
        $reached = array_fill_keys($from, true);
        while ($from !== []) {
            $at = array_pop($from);
            foreach ($this->beside($at) as $next) {
                if (!isset($reached[$next]) && $reaches($next, $at)) {
                    $reached[$next] = true;
                    $from[] = $next;
                }
            }
        }

        return $reached;
    }

    /**
     * Pixels averaged with those around them that are of one thing with them, so that threads and grain do not count as
     * light and shade.
     *
     * @param  non-empty-array<int, Lab>  $labs  by place; those that are missing are not averaged with
     * @return non-empty-array<int, Lab> by place
     */
    public function evened(array $labs): array
    {
        $evened = [];
        foreach ($labs as $at => $lab) {
            [$x, $row] = [$at % $this->width, $at - ($at % $this->width)];
            $near = [$lab];
            foreach ([-$this->width, 0, $this->width] as $rows) {
                for ($beside = max(0, $x - 1); $beside <= min($this->width - 1, $x + 1); $beside++) {
                    $other = $labs[$row + $rows + $beside] ?? null;
                    if ($other !== null && $other !== $lab && $lab->distance($other) <= self::ONE_THING) {
                        $near[] = $other;
                    }
                }
            }
            $evened[$at] = Lab::mean($near);
        }

        return $evened;
    }
}
