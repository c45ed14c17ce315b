<?php

declare(strict_types=1);

namespace App\Files\Packages;

/** What is in a package that was written. */
final readonly class WrittenPackage
{
    public function __construct(public int $products, public int $photos) {}
}
