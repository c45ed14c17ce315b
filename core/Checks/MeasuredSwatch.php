<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\Swatches\Swatch;

/** The swatch that the pictures of a value propose, and the picture that shows it best. */
final readonly class MeasuredSwatch
{
    /**
     * @param  int  $pictures  how many it was taken from
     * @param  bool  $isSure  whether their grounds are even, so that what they show was told from them surely
     */
    public function __construct(
        public Swatch $swatch,
        public int $placementId,
        public int $pictures,
        public bool $isSure,
    ) {}
}
