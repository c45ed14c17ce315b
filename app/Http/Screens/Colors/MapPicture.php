<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use Core\Color\Srgb;

/** The measured color of a picture on the color map, and the line from it to the swatch of its value. */
final readonly class MapPicture
{
    /**
     * @param  ?MapPoint  $swatch  of its value; null where it has none
     * @param  ?float  $distance  ΔE00 to it
     * @param  bool  $isSaid  whether the distance is written beside it: not where another is written already
     */
    public function __construct(
        public int $placementId,
        public string $file,
        public string $value,
        public Srgb $color,
        public float $x,
        public float $y,
        public float $lightY,
        public ?MapPoint $swatch,
        public ?float $distance,
        public bool $isMarked,
        public bool $isSaid,
    ) {}
}
