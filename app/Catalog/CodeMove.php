<?php

declare(strict_types=1);

namespace App\Catalog;

/** A SKU whose code becomes another. */
final readonly class CodeMove
{
    public function __construct(
        public SkuRow $sku,
        public string $place,
        public string $to,
    ) {
    }
}
