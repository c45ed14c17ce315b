<?php

declare(strict_types=1);

namespace Core\Combining;

/** An item at its place among others that look like one product with it. */
final readonly class PlacedItem
{
    /** @param  array<string, string>  $values  axis name => label; of an axis that its name does not say none */
    public function __construct(public Item $item, public array $values) {}
}
