<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Gallery\Shape;

/** What else shoppers meet of a product: a picture in another shape. */
final readonly class PreviewShape
{
    /** @param string $words where they meet it */
    public function __construct(
        public string $words,
        public string $address,
        public string $text,
        public Shape $shape,
    ) {}
}
