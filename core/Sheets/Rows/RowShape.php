<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

/** What a row of a sheet is about. */
enum RowShape: string
{
    /** One SKU. */
    case SkuRows = 'sku';

    /** A whole product, with its values as lists in cells: "S, M, L". */
    case ProductRows = 'product';

    /** Several sizes of a product, each with a column of its own, in which its stock or price stands. */
    case SizesAcross = 'sizes';
}
