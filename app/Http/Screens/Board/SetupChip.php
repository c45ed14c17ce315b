<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use Core\Color\Swatches\Swatch;

/** A value that stands in the form about axes. */
final readonly class SetupChip
{
    /** @param  string  $item  what the form sends of it, as JSON: its id, or the label of a new one */
    public function __construct(
        public string $item,
        public string $label,
        public ?Swatch $swatch,
        public bool $isNew,
    ) {}
}
