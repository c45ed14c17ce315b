<?php

declare(strict_types=1);

namespace Core\Combining;

/** A single item, by what its name and its code say. */
final readonly class Item
{
    public function __construct(public int $productId, public string $code, public string $name) {}
}
