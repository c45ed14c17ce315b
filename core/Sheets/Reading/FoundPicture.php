<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Color\Srgb;

/** A stored picture that a cell names. */
final readonly class FoundPicture
{
    /**
     * @param  string  $file  what it is called where it is stored
     * @param  ?Srgb  $main  the color of most of it; null where that is not measured
     */
    public function __construct(
        public int $photoId,
        public string $file,
        public bool $isStill,
        public ?Srgb $main = null,
    ) {}
}
