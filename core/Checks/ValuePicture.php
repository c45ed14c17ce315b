<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\PictureColors;

/** A picture that shows one value of an axis, and the colors that were measured of it. */
final readonly class ValuePicture
{
    public function __construct(
        public int $placementId,
        public string $file,
        public int $valueId,
        public PictureColors $seen,
    ) {
    }

    /** Whether it can speak for or against a color. */
    public function isTold(): bool
    {
        return $this->seen->colors !== [] && $this->seen->doubt === null;
    }
}
