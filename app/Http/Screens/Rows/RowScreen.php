<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

/** A row: a SKU of a product, or a product that has none yet. */
final readonly class RowScreen
{
    /**
     * @param  int  $number  on the page, from 1
     * @param  string  $combination  "Moss, M"; empty where the product has no axes
     * @param  int  $skuId  0 for a product without SKUs
     * @param  list<string>  $cells  in the order of the columns
     * @param  bool  $isFirst  whether the product begins with it
     * @param  string  $state  made, retired, or empty
     */
    public function __construct(
        public int $number,
        public int $productId,
        public string $code,
        public string $combination,
        public int $skuId,
        public array $cells,
        public bool $isFirst,
        public string $state,
    ) {}
}
