<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

/** One figure of a tile, filled with one of its colors. */
final readonly class TileFigure
{
    /**
     * @param  string  $path  as SVG writes paths (W3C, SVG 1.1, 8.3), in a square of 12 by 12
     * @param  int  $color  which of the swatch's colors, from 0, which is the ground
     * @param  float  $opacity  from 0 to 1: threads of two colors side by side look like half of each
     */
    public function __construct(public string $path, public int $color = 1, public float $opacity = 1.0) {}
}
