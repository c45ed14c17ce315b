<?php

declare(strict_types=1);

namespace Core\Color;

/** What is measured of a picture's colors. */
final readonly class PictureColors
{
    /**
     * @param  Srgb  $background  the color along the border
     * @param  float  $evenness  share of the border that has it, from 0 to 1
     * @param  float  $filled  share of the picture that is not background, from 0 to 1
     * @param  list<ColorShare>  $colors  of what is shown, the largest share first; none where it cannot be told
     * @param  ?string  $doubt  why they cannot be told or may be wrong, as a sentence
     */
    public function __construct(
        public Srgb $background,
        public float $evenness,
        public float $filled,
        public array $colors,
        public ?string $doubt,
    ) {
    }

    /** The color that most of it has; null where it cannot be told. */
    public function main(): ?Srgb
    {
        return $this->colors[0]->color ?? null;
    }
}
