<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

/** One of the colors in the form of a swatch. */
final readonly class SwatchField
{
    /**
     * @param string $byEye what the browser's own choice of colors shows
     * @param string $readAs what was typed is; empty where it says itself
     * @param bool $isLater whether one before it is empty
     */
    public function __construct(
        public string $label,
        public string $labelByEye,
        public string $typed,
        public string $byEye,
        public string $readAs,
        public bool $isLater,
    ) {}
}
