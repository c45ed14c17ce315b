<?php

declare(strict_types=1);

namespace Core\Gallery;

/** A part of a picture, in pixels. */
final readonly class Cut
{
    public function __construct(public int $left, public int $top, public int $width, public int $height) {}
}
