<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Product\Sku;

/** A SKU whose code becomes another. */
final readonly class CodeMove
{
    public function __construct(public Sku $sku, public string $place, public string $to) {}
}
