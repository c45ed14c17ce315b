<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Color\Contrast;
use Core\Color\Swatches\Swatch;

/** A value a shopper can choose. */
final readonly class PreviewOption
{
    /**
     * @param  string  $state "free", "sold out" or "missing" with what is chosen on the other axes
     * @param  ?Swatch  $swatch  what is shown with the name; null where nothing is
     * @param  bool  $isGround  whether the name is written on the color
     */
    public function __construct(
        public string $label,
        public string $choice,
        public bool $isChosen,
        public string $state,
        public ?Swatch $swatch,
        public ?string $picture,
        public bool $isGround,
    ) {}

    public function stateClass(): string
    {
        return str_replace(' ', '-', $this->state);
    }

    /** Black or white, whichever is read better on its color. */
    public function ink(): string
    {
        return $this->swatch !== null && Contrast::textOn($this->swatch->colors)->luminance() > 0.5 ? 'white' : 'black';
    }
}
