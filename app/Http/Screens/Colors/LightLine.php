<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

/** A line of equal lightness beside the color map. Places are in pixels of the drawing. */
final readonly class LightLine
{
    public function __construct(public int $lightness, public float $y, public float $labelY) {}
}
