<?php

declare(strict_types=1);

namespace App\Intake;

/** A stored picture as it is found. */
final readonly class StoredPicture
{
    public function __construct(
        public int $photoId,
        public string $name,
        public int $width,
        public int $height,
        public int $bytes,
        public string $came,
        public int $uses,
    ) {}

    /** The day on which it came: "2026-11-30". */
    public function day(): string
    {
        return substr($this->came, 0, 10);
    }
}
