<?php

declare(strict_types=1);

namespace App\Files\Cards;

use Core\Color\Swatches\Swatch;
use Core\Matching\Cards\SlateCard;

/** A slate card with what people read on it. */
final readonly class PrintedCard
{
    /**
     * @param  string  $product  what the product is called
     * @param  string  $productCode  its code
     * @param  string  $part  the part in words: "Moss"; empty for the whole product
     * @param  ?Swatch  $swatch  of the first value that has one
     */
    public function __construct(
        public SlateCard $card,
        public string $product,
        public string $productCode,
        public string $part,
        public ?Swatch $swatch,
    ) {}
}
