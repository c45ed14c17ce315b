<?php

declare(strict_types=1);

namespace App\Files\Packages;

/** A picture in a package. */
final readonly class PackedPhoto
{
    /** @param  string  $path  where it lies in the package: never used as a path of this machine */
    public function __construct(public string $sha256, public string $path, public int $bytes) {}
}
