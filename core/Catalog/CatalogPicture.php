<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Gallery\Placement;

/** A picture of a product: which photo, and what it is used for. */
final readonly class CatalogPicture
{
    /** @param  Placement  $placement  one that is new has an id below zero */
    public function __construct(
        public Placement $placement,
        public int $photoId,
    ) {
    }
}
