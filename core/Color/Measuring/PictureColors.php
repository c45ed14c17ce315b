<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Srgb;

/** What is measured of a picture's colors. */
final readonly class PictureColors
{
    /**
     * Share of the border that a background has, where there is nothing else: only then it can be taken away by its
     * color.
     */
    public const EVEN = 0.9;

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
    ) {}

    /** The color that most of it has; null where it cannot be told. */
    public function main(): ?Srgb
    {
        return $this->colors[0]->color ?? null;
    }

    /** Whether they can speak for or against a color. */
    public function areTold(): bool
    {
        return $this->colors !== [] && ($this->doubt === null || $this->areOfMiddle());
    }

    /** Whether they are of what stands in the middle, parted from a ground that is not even. */
    public function areOfMiddle(): bool
    {
        return $this->evenness < self::EVEN;
    }
}
