<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Matrix\AxisDisplay;

/** What a product says of one of its axes itself, where it differs from the library. */
final readonly class OwnAxis
{
    /**
     * @param  ?bool  $changesPicture  whether its values look different in pictures; null as the library says
     * @param  ?AxisDisplay  $display  how shoppers choose; null as the library says
     */
    public function __construct(public ?bool $changesPicture = null, public ?AxisDisplay $display = null) {}

    public function isNone(): bool
    {
        return $this->changesPicture === null && $this->display === null;
    }

    /** "pictures differ by it, shoppers choose by picture swatches"; empty where it says nothing. */
    public function inWords(): string
    {
        return implode(
            ', ',
            array_filter([
                $this->changesPicture === null
                    ? ''
                    : ($this->changesPicture
                        ? 'pictures differ by it'
                        : 'pictures do not differ by it'),
                $this->display === null ? '' : "shoppers choose by {$this->display->inWords()}",
            ]),
        );
    }
}
