<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Srgb;

/** A color of what a picture shows, and how much of it has that color. */
final readonly class ColorShare
{
    /** @param  float  $share  from 0 to 1 */
    public function __construct(public Srgb $color, public float $share) {}
}
