<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Srgb;

/** The color of a patch, and what of the patch was left out of it. Shares are from 0 to 1. */
final readonly class PickedColor
{
    public function __construct(
        public Srgb $color,
        public float $shadow,
        public float $highlight,
        public float $otherColors,
    ) {}

    /** "left out: 12 % shadow, 3 % highlight, 20 % other colors"; empty where nothing was. */
    public function leftOut(): string
    {
        $parts = [];
        foreach (
            ['shadow' => $this->shadow, 'highlight' => $this->highlight, 'other colors' => $this->otherColors]
            as $what => $share
        ) {
            if ($share >= 0.005) {
                $parts[] = round(100 * $share) . " % {$what}";
            }
        }

        return $parts === [] ? '' : 'left out: ' . implode(', ', $parts);
    }
}
