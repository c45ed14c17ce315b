<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Sheets\Columns\Field;

/** A row of a sheet, by what its columns say. */
final readonly class GivenRow
{
    /** What a cell says where nothing is meant to be there, though the product says something. */
    public const NONE = 'none';

    /**
     * @param  int  $number  in the sheet, from 1 with the header
     * @param  array<string, string>  $cells  key of a field => what stands there, trimmed; of empty cells none
     */
    public function __construct(public int $number, public array $cells) {}

    public function text(Field $field): string
    {
        return $this->cells[$field->key()] ?? '';
    }
}
