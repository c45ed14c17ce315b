<?php

declare(strict_types=1);

namespace App\Http\Screens;

use Core\Details\LadderPrice;

/** A SKU as a price ladder draws it. */
final readonly class LadderSpot
{
    /** @param  string  $selected  the SKU as the board's selection */
    public function __construct(
        public LadderPrice $price,
        public string $selected,
        public string $place,
        public float $x,
        public float $y,
        public bool $isOdd,
    ) {
    }

    /** "Moss, M: 49.00, its own" */
    public function inWords(): string
    {
        return ($this->place === '' ? '' : "{$this->place}: ").$this->price->price->shown().($this->price->isOwn ? ', its own' : '').($this->isOdd ? ', stands out' : '');
    }
}
