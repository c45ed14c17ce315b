<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use Core\Color\Swatches\Swatch;
use Core\Matrix\Combination;

/** A row of the small matrix: one picture combination. */
final readonly class SmallRow
{
    /**
     * @param  list<Swatch>  $swatches
     * @param  bool  $isOffered  whether any SKU of it is on offer
     * @param  int  $pictures  that its first SKU shows
     * @param  ?string  $lead  address of the picture seen first
     */
    public function __construct(
        public Combination $part,
        public string $label,
        public array $swatches,
        public bool $isOffered,
        public int $pictures,
        public ?string $lead,
    ) {}
}
