<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Color\Swatches\Swatch;

/** One side of a contradiction: what the name says, or what the picture looks like. */
final readonly class ClashSide
{
    public function __construct(public string $label, public string $value, public ?Swatch $swatch) {}
}
