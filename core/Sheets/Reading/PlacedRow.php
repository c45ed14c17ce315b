<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Matrix\Combination;
use Core\Product\Sku;

/** A row of a sheet at its cell of the matrix, with the SKU there. */
final readonly class PlacedRow
{
    /**
     * @param  ?Sku  $own  as it is before; null where it is new, or the cell is left out
     * @param  RowState  $state  what becomes of the cell
     */
    public function __construct(
        public GivenRow $row,
        public Combination $cell,
        public ?Sku $own,
        public RowState $state,
    ) {}
}
