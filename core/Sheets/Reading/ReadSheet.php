<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Changes\Matrix\ReadAxis;
use Core\Product\ProductState;

/** What the rows of a sheet make of a product. */
final readonly class ReadSheet
{
    /**
     * @param  ProductState  $wanted  with ids below zero where the library lacks something
     * @param  list<ReadAxis>  $named  the axes that the product has then
     * @param  list<PlacedRow>  $placed  the rows that are about SKUs
     * @param  list<CellProblem>  $problems  with any, the product stays as it is
     */
    public function __construct(
        public ProductState $wanted,
        public array $named,
        public array $placed,
        public array $problems,
    ) {}
}
