<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\Measuring\PictureColors;
use Core\Matching\Fingerprints\Resembled;

/** What a picture itself says, whatever its name is. */
final readonly class SeenPicture
{
    /** @param  list<array-key>  $same  which others of the drop show the same, by the keys of their names */
    public function __construct(
        public PictureColors $colors,
        public ?Resembled $resembles = null,
        public array $same = [],
    ) {}
}
