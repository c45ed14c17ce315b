<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Sheets\Columns\Field;

/** What somebody typed into a cell of the rows of a product. */
final readonly class CellEdit
{
    /**
     * @param  int  $row  as it is numbered on screen
     * @param  int  $skuId  whose row it is; 0 for the one row of a product that has no SKU
     * @param  string  $was  what stood there when it was typed over
     */
    public function __construct(
        public int $row,
        public int $skuId,
        public Field $field,
        public string $was,
        public string $text,
    ) {}
}
