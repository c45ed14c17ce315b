<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use Core\Checks\Finding;
use Core\Checks\MeasuredSwatch;
use Core\Checks\NearValue;
use Core\Color\Lab;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Value;

/** A value in the table of colors. */
final readonly class ColorRow
{
    /**
     * @param  bool  $isOwn  whether the swatch is the product's own
     * @param  int  $pictures  of it whose colors can be told
     * @param  ?MeasuredSwatch  $measured  what they show
     * @param  ?string  $thumb  address of the picture that shows it best
     * @param  ?float  $distance  ΔE00 from what they show to the swatch
     * @param  list<Finding>  $findings  about it
     */
    public function __construct(
        public Value $value,
        public ?Swatch $swatch,
        public bool $isOwn,
        public int $pictures,
        public ?MeasuredSwatch $measured,
        public ?string $thumb,
        public ?float $distance,
        public ?NearValue $nearest,
        public string $nearestLabel,
        public array $findings,
    ) {}

    /** "L 45, a −12, b 20"; empty where it has no swatch. */
    public function figuresInWords(): string
    {
        return $this->swatch === null ? '' : ColorMap::inWords(Lab::of($this->swatch->main()));
    }

    /** "stripes", "cut from a picture, its own": what there is to say of the swatch beside its colors. */
    public function remark(): string
    {
        return implode(
            ', ',
            array_filter([
                $this->swatch->tile->value ?? '',
                ($this->swatch->piece ?? null) === null ? '' : __('colors.cut_from_a_picture'),
                $this->isOwn ? __('colors.its_own') : '',
            ]),
        );
    }
}
