<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** A value a shopper can choose. */
final readonly class PreviewOption
{
    /** @param  string  $state "free", "sold out" or "missing" with what is chosen on the other axes */
    public function __construct(
        public string $label,
        public string $choice,
        public bool $isChosen,
        public string $state,
        public ?string $swatch,
        public ?string $picture,
    ) {
    }
}
