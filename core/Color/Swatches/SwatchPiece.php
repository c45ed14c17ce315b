<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

/** A piece of a picture that is shown as a swatch. */
final readonly class SwatchPiece
{
    /**
     * @param  int  $photoId  of the stored picture
     * @param  string  $frame  which piece of it, as a crop is stored; empty for all of it
     */
    public function __construct(public int $photoId, public string $frame = '') {}
}
