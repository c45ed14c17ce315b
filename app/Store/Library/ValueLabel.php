<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Color\Swatches\Swatch;

/** What a product calls a value, and what it is shown by. */
final readonly class ValueLabel
{
    public function __construct(public string $label, public ?Swatch $swatch) {}
}
