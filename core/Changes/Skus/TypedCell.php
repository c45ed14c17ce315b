<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

/** What a block of a spreadsheet has for one cell of the matrix. */
final readonly class TypedCell
{
    /**
     * @param  int  $row  of the block, from 1
     * @param  int  $column  of the block, from 1
     */
    public function __construct(public int $row, public int $column, public string $text) {}
}
