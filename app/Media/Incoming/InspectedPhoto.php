<?php

declare(strict_types=1);

namespace App\Media\Incoming;

/** What a file says of itself before anything of it is decoded; of a film also how long it runs. */
final readonly class InspectedPhoto
{
    public function __construct(
        public string $type,
        public int $width,
        public int $height,
        public int $bytes,
        public bool $hasMoreFrames,
        public ?int $milliseconds = null,
    ) {}
}
