<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

/** What a person does about the matter with a cell of a sheet. */
final readonly class CellMending
{
    /**
     * @param  int  $row  number of the row
     * @param  string  $header  of the field whose cell is meant, as we write it
     * @param  string  $text  what is typed
     * @param  bool  $isForAll  whether all rows are meant that say the same there
     */
    public function __construct(
        public int $row,
        public string $header,
        public Mending $way,
        public string $text = '',
        public bool $isForAll = false,
    ) {}
}
