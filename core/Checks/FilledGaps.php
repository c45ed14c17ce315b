<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\Swatches\Swatch;

/** Swatches for values that lack one, and why some still do. */
final readonly class FilledGaps
{
    /**
     * @param  array<int, Swatch>  $swatches  by value id
     * @param  array<int, string>  $open  value id => why there is none for it
     */
    public function __construct(public array $swatches, public array $open) {}

    public function with(self $more): self
    {
        $swatches = $this->swatches + $more->swatches;

        return new self($swatches, array_diff_key($more->open + $this->open, $swatches));
    }
}
