<?php

declare(strict_types=1);

namespace App\Changing;

use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Product\ProductDetails;

/** A product of a portion with its change; one that is yet to be is made with its details first. */
final readonly class PortionItem
{
    private function __construct(
        public ?int $productId,
        public ?ProductDetails $details,
        public ProductChange|SkuChange $change,
    ) {}

    public static function of(int $productId, ProductChange|SkuChange $change): self
    {
        return new self($productId, null, $change);
    }

    /** @param  ProductDetails  $details  with at least its name and code */
    public static function made(ProductDetails $details, ProductChange $change): self
    {
        return new self(null, $details, $change);
    }
}
