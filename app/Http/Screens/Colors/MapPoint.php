<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use Core\Color\Lab;
use Core\Color\Swatches\Swatch;
use Illuminate\Support\Str;

/** A value on the color map. Places are in pixels of the drawing. */
final readonly class MapPoint
{
    private const MOST_LETTERS = 18;

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

    /** Its name, short enough to stand on the map. */
    public function shortLabel(): string
    {
        return Str::limit($this->label, self::MOST_LETTERS, '…');
    }

    /** The line from the point to its name, as an SVG path. */
    public function tie(): string
    {
        return 'M' . ($this->x + 9) . " {$this->y}L" . ($this->x + 12) . " {$this->labelY}";
    }

    /** L*, a* and b* with commas between, as the script that moves it reads them. */
    public function figures(): string
    {
        return implode(',', [round($this->lab->lightness, 2), round($this->lab->a, 2), round($this->lab->b, 2)]);
    }

    /** "Moss, L 45, a −12, b 20". */
    public function inWords(): string
    {
        return "{$this->label}, " . ColorMap::inWords($this->lab);
    }
}
