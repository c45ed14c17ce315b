<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use Core\Color\Lab;
use Core\Color\Swatches\Swatch;

/** A value on the color map. Places are in pixels of the drawing. */
final readonly class MapPoint
{
    /**
     * @param  float  $lightY  how far down it lies beside the plane, by its lightness
     * @param  float  $labelY  where its name stands, moved out of the way of others
     * @param  bool  $isMarked  whether something was found about it
     * @param  bool  $canMove  whether it can be given another color by moving it
     */
    public function __construct(
        public int $valueId,
        public string $label,
        public Swatch $swatch,
        public Lab $lab,
        public float $x,
        public float $y,
        public float $lightY,
        public float $labelY,
        public bool $isMarked,
        public bool $canMove,
    ) {}

    /** "Moss, L 45, a −12, b 20". */
    public function inWords(): string
    {
        return "{$this->label}, " . ColorMap::inWords($this->lab);
    }
}
