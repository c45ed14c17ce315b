<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use Core\Gallery\Coverage\CoverageCell;

/** A picture of a strip as drawn, or a view that it lacks. */
final readonly class StripCell
{
    /**
     * @param ?CoverageCell $hole the view that is missing; null where there is a picture, and then the others are said
     * @param int $at its number in the strip, from 0
     * @param int $place the same as people count
     * @param string $words what it shows
     * @param string $label for who cannot see it
     * @param string $title for a pointer that rests on it
     * @param ?string $thumb address; null while it is being read
     * @param ?string $large address
     * @param string $mark of a film or a model; empty of a still
     * @param bool $isOff whether it is why the strip differs from the others
     */
    public function __construct(
        public ?CoverageCell $hole = null,
        public int $placementId = 0,
        public int $at = 0,
        public int $place = 0,
        public string $file = '',
        public string $words = '',
        public string $label = '',
        public string $title = '',
        public ?string $thumb = null,
        public ?string $large = null,
        public string $mark = '',
        public bool $isOff = false,
        public bool $isLead = false,
    ) {}
}
