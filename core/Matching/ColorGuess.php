<?php

declare(strict_types=1);

namespace Core\Matching;

/** A value that a picture looks like. */
final readonly class ColorGuess
{
    /**
     * @param  float  $distance  ΔE00 of the picture's main color and the swatch
     * @param  float  $margin  by how much the next value is farther, in ΔE00
     * @param  float  $confidence  from 0 to 0.70: more a color alone cannot tell
     */
    public function __construct(
        public int $valueId,
        public float $distance,
        public float $margin,
        public float $confidence,
    ) {}
}
