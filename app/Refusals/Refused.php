<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Something a person asked for that cannot be done; the message says what, why and what to do. */
class Refused extends RuntimeException
{
    /**
     * @param  ?string  $field  of the form that it is about
     * @param  ?int  $row  of a sheet or a pasted block, from 1
     * @param  ?string  $column  of a sheet or a pasted block
     */
    public function __construct(
        string $message,
        public readonly Kind $kind = Kind::Impossible,
        public readonly ?string $field = null,
        public readonly ?int $row = null,
        public readonly ?string $column = null,
    ) {
        parent::__construct($message);
    }

    public static function nothingSelected(): self
    {
        return new self('Select the SKUs first: a row, a column or cells of the matrix.', Kind::Missing, 'selected');
    }
}
