<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use App\Models\Photo;

/** A file that was taken in, and the picture that it is. */
final readonly class TakenPhoto
{
    /** @param  bool  $hasMoreFrames  whether the file holds more than the first picture, which alone is used */
    public function __construct(public Photo $photo, public bool $hasMoreFrames) {}
}
