<?php

declare(strict_types=1);

namespace Core\Sheets\Writing;

use Core\Matrix\Combination;
use Core\Product\Sku;

/** A row of the flat sheet: a cell of a product, with the SKU in it. */
final readonly class SheetLine
{
    /**
     * @param  string  $state  of the cell, as the sheet says it
     * @param  bool  $isFirst  whether what is said of the whole product stands here
     * @param  array<string, true>  $pools  whose units stand in a row before
     */
    public function __construct(
        public Combination $cell,
        public ?Sku $sku,
        public string $state,
        public bool $isFirst = true,
        public array $pools = [],
    ) {}
}
