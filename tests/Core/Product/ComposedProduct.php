<?php

declare(strict_types=1);

namespace Tests\Core\Product;

use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;

/** A product whose pictures were composed, so that it is known what each of them shows. */
final readonly class ComposedProduct
{
    /**
     * @param  array<int, Srgb>  $colors  of the cloth, by value id
     * @param  array<int, Swatch>  $swatches  by value id
     * @param  list<Sample>  $samples
     * @param  list<int>  $shows  which value each of them shows
     * @param  int  $wrong  the place of the one that is linked to another value
     * @param  int  $said  that value
     */
    public function __construct(
        public Axis $axis,
        public array $colors,
        public array $swatches,
        public array $samples,
        public array $shows,
        public int $wrong,
        public int $said,
    ) {}
}
