<?php

declare(strict_types=1);

namespace App\Http\Screens;

use Core\Checks\NearValue;
use Core\Color\Swatch;

/** A color that somebody thinks of adding, seen beside those that are there. */
final readonly class TriedColor
{
    /**
     * @param  string  $typed  as it was typed
     * @param  string  $name  what it could be called
     * @param  list<NearValue>  $near  the values that are nearest
     */
    public function __construct(
        public string $typed,
        public string $name,
        public Swatch $swatch,
        public array $near,
    ) {
    }
}
