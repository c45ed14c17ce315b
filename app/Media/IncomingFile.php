<?php

declare(strict_types=1);

namespace App\Media;

/** A file as it arrived: where it lies, and what somebody named it. */
final readonly class IncomingFile
{
    public function __construct(
        public string $path,
        public string $name,
    ) {
    }
}
