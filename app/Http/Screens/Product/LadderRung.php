<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

/** A price on the ladder. Places are in pixels of the drawing. */
final readonly class LadderRung
{
    /**
     * @param string $path the line, as an SVG path
     * @param bool $isNamed whether the price is written beside it
     */
    public function __construct(
        public string $price,
        public float $y,
        public float $nameX,
        public string $path,
        public bool $isNamed,
    ) {}
}
